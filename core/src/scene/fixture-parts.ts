import { ellipse } from '../geometry/ellipse';
import type { Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import { seenPieces } from '../solids/seen-pieces';
import type { Solid } from '../solids/solids';
import { box, joined, loft, prism, slab, upright, type Mesh } from './mesh';
import type { ScenePart, Substance } from './scene-part';
import { circle, plan, rectangle } from './shapes';

/** Thickness of the walls of a bowl, mm. */
const SHELL = 8;
/** How deep a bowl hangs under its rim, mm. */
export const BOWL = 180;

const one = (substance: Substance, ...meshes: Mesh[]): ScenePart => ({ substance, mesh: joined(...meshes) });

/** The parts of a plumbing fixture, an accessory or a piece of furniture. */
export function fixtureParts(solid: Solid): ScenePart[] {
  const own = solid.box!;
  const { kind, low, high, record } = own;
  const { width, depth } = record;
  switch (kind.id) {
    case 'toilet':
    case 'toilet-hung':
    case 'bidet':
      return pan(own);
    case 'basin':
    case 'basin-hung':
      return basin(own);
    case 'sink':
      return [
        ...bowl(own, [30, width - 30], [depth * 0.2, depth - 30], high, 'steel'),
        ...tap(own, width / 2, depth * 0.1, high),
      ];
    case 'basin-inset':
      return [
        ...bowl(own, [25, width - 25], [depth * 0.2, depth - 25], high, 'ceramic'),
        ...tap(own, width / 2, depth * 0.1, high),
      ];
    case 'tub':
    case 'tub-free':
      return tub(own);
    case 'shower-pan':
    case 'shower-floor':
      return [one('ceramic', prism(solid.footprint, low, Math.max(high, low + 2)))];
    case 'shower-glass':
    case 'shower-door':
    case 'shower-slide':
      return [one('glass', box(own, [0, width], [depth / 2 - 4, depth / 2 + 4], [low, high]))];
    case 'mirror': {
      const ring =
        record.corners?.map(({ along, out }) => ({ x: along, y: low + out })) ??
        rectangle(0, width, low, high);
      return mirror(own, ring, Math.max(4, depth));
    }
    case 'mirror-round': {
      const middle = (low + high) / 2;
      const rim = ellipse(width / 2, (high - low) / 2).map(({ x, y }) => ({
        x: width / 2 + x,
        y: middle + y,
      }));
      return mirror(own, rim, Math.max(4, depth));
    }
    case 'glass-shelf':
      return [one('glass', prism(solid.footprint, low, high))];
    case 'towel-rail':
    case 'grab-bar':
    case 'paper-holder':
    case 'hook':
      return rail(own);
    case 'table':
    case 'chair':
    case 'bench':
      return onLegs(own);
    case 'table-round':
    case 'stool':
      return onFoot(own);
    default:
      return [one('timber', prism(solid.footprint, low, high, { round: solid.round }))];
  }
}

/** Glass with its back in the dark; only its face mirrors, and that is a face and nothing more. */
function mirror(own: ItemBox, ring: readonly Point[], thick: number): ScenePart[] {
  return [one('carcass', slab(own, ring, [0, thick - 0.5])), one('mirror', upright(own, ring, thick))];
}

function oval(own: ItemBox, half: number, back: number, front: number, share = 1): Point[] {
  const middle = (back + front) / 2;
  return ellipse(half * share, ((front - back) / 2) * share).map(({ x, y }) =>
    plan(own, own.record.width / 2 + x, middle + y),
  );
}

function pan(own: ItemBox): ScenePart[] {
  const { kind, low, high, record } = own;
  const { width, depth } = record;
  const tall = high - low;
  const cistern = kind.id === 'toilet' && depth > 600;
  const back = cistern ? 170 : 20;
  const rim = kind.id === 'toilet' ? low + tall * 0.5 : high - 25;
  const from = kind.id === 'toilet-hung' ? low + tall * 0.15 : low;
  const half = width * (cistern ? 0.46 : 0.48);
  const parts = [
    loft(oval(own, half, back, depth, 0.62), from, oval(own, half, back, depth), rim),
    prism(oval(own, half * 1.02, back, depth + 4), rim, rim + 25, { round: true }),
    box(own, [width * 0.3, width * 0.7], [0, depth * 0.45], [from, rim]),
  ];
  if (cistern) parts.push(box(own, [width * 0.04, width * 0.96], [0, 180], [rim - 20, high]));
  return [one('ceramic', ...parts)];
}

function basin(own: ItemBox): ScenePart[] {
  const { kind, low, high, record } = own;
  const { width, depth } = record;
  const deep = Math.min(190, (high - low) * 0.6);
  const outer = rounded(own, 0, width, 0, depth, 0.25);
  const inner = rounded(own, width * 0.1, width * 0.9, depth * 0.25, depth * 0.92, 0.4);
  const parts = [
    prism(outer, high - 40, high, { holes: [inner], round: true }),
    loft(
      rounded(own, width * 0.2, width * 0.8, depth * 0.1, depth * 0.8, 0.4),
      high - deep,
      outer,
      high - 40,
    ),
  ];
  if (kind.id === 'basin' && low < 1)
    parts.push(
      loft(
        oval(own, width * 0.2, depth * 0.1, depth * 0.55),
        0,
        oval(own, width * 0.15, depth * 0.12, depth * 0.5),
        high - deep,
      ),
    );
  return [one('ceramic', ...parts), ...tap(own, width / 2, depth * 0.13, high)];
}

/** An open bowl hung under a rim: walls and a floor. */
export function bowl(
  own: ItemBox,
  [left, right]: readonly [number, number],
  [back, front]: readonly [number, number],
  rim: number,
  substance: Substance,
): ScenePart[] {
  const ring = corners(own, left, right, back, front);
  const inner = corners(own, left + SHELL, right - SHELL, back + SHELL, front - SHELL);
  const floor = rim - BOWL;
  return [one(substance, prism(ring, floor, rim, { holes: [inner] }), prism(inner, floor, floor + SHELL))];
}

/** A tap with its spout over what lies before it. */
export function tap(own: ItemBox, across: number, out: number, up: number): ScenePart[] {
  const [x, y] = [across, out];
  const column = circle(0, 0, 14).map((point) => plan(own, x + point.x, y + point.y));
  return [
    one(
      'metal',
      prism(column, up, up + 260, { round: true }),
      box(own, [x - 11, x + 11], [y, y + 190], [up + 238, up + 260]),
      box(own, [x - 9, x + 9], [y + 172, y + 190], [up + 200, up + 238]),
      box(own, [x + 14, x + 70], [y - 7, y + 7], [up + 60, up + 74]),
    ),
  ];
}

function tub(own: ItemBox): ScenePart[] {
  const { low, high, record, kind } = own;
  const { width, depth } = record;
  const free = kind.id === 'tub-free';
  const outer = free ? rounded(own, 0, width, 0, depth, 0.45) : corners(own, 0, width, 0, depth);
  const inner = rounded(own, 70, width - 70, 70, depth - 70, 0.35);
  const floor = Math.max(low + 60, high - 420);
  return [
    one('ceramic', prism(outer, low, high, { holes: [inner], round: free }), prism(inner, floor - 30, floor)),
  ];
}

function rail(own: ItemBox): ScenePart[] {
  const { low, high, record } = own;
  const { width, depth } = record;
  const middle = (low + high) / 2;
  const thick = Math.min(16, (high - low) / 2, depth / 2);
  const feet = [thick * 2, width - thick * 2].map((across) =>
    box(own, [across - thick, across + thick], [0, depth - thick], [middle - thick, middle + thick]),
  );
  return [
    one('metal', box(own, [0, width], [depth - 2 * thick, depth], [middle - thick, middle + thick]), ...feet),
  ];
}

function onLegs(own: ItemBox): ScenePart[] {
  const { kind, low, high, record } = own;
  const { width, depth } = record;
  const tall = high - low;
  const leg = 45;
  const seat = kind.id === 'chair' ? low + tall * 0.53 : high;
  const thick = kind.id === 'table' ? 30 : 35;
  const ends = (size: number): [number, number][] => [
    [30, 30 + leg],
    [size - 30 - leg, size - 30],
  ];
  const legs = ends(width).flatMap((across) =>
    ends(depth).map((out) => box(own, across, out, [low, seat - thick])),
  );
  const board = box(own, [0, width], [0, depth], [seat - thick, seat]);
  const back = kind.id === 'chair' ? [box(own, [20, width - 20], [0, 25], [seat + tall * 0.1, high])] : [];
  const posts =
    kind.id === 'chair' ? ends(width).map((across) => box(own, across, [0, 28], [seat, high])) : [];
  return [one('timber', ...legs, board, ...back, ...posts)];
}

/** A round seat or top on its foot, or on legs. */
function onFoot(own: ItemBox): ScenePart[] {
  const { kind, low, high, record } = own;
  const { width, depth } = record;
  const round = (share: number) => oval(own, width / 2, 0, depth, share);
  const board = prism(round(1), high - 35, high, { round: true });
  if (kind.id === 'stool') {
    const pieces = seenPieces(kind);
    const rest = pieces[2]!;
    const legs = [0.25, 0.75].flatMap((across) =>
      [0.25, 0.75].map((out) => {
        const [x, y] = [width * across, depth * out];
        return box(own, [x - 14, x + 14], [y - 14, y + 14], [low, high - 35]);
      }),
    );
    const bars = low + (high - low) * rest.low;
    const ring = prism(round(0.62), bars, bars + 18, { holes: [round(0.54)], round: true });
    return [one('timber', board, ...legs), one('metal', ring)];
  }
  return [
    one(
      'timber',
      board,
      prism(round(0.1), low + 25, high - 35, { round: true }),
      prism(round(0.6), low, low + 25, { round: true }),
    ),
  ];
}

function corners(own: ItemBox, left: number, right: number, back: number, front: number): Point[] {
  return rectangle(left, right, back, front).map(({ x, y }) => plan(own, x, y));
}

/** A rectangle with rounded corners, by a share of its smaller side. */
function rounded(
  own: ItemBox,
  left: number,
  right: number,
  back: number,
  front: number,
  share: number,
): Point[] {
  const radius = Math.min(right - left, front - back) * share;
  const [across, deep] = [(right - left) / 2 - radius, (front - back) / 2 - radius];
  return ellipse(radius, radius).map(({ x, y }) =>
    plan(own, (left + right) / 2 + x + Math.sign(x) * across, (back + front) / 2 + y + Math.sign(y) * deep),
  );
}

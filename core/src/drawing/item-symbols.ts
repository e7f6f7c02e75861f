import { ellipse } from '../geometry/ellipse';
import { place, type Point } from '../geometry/point';
import type { ItemKind } from '../ranges/item-kind';
import { ONE_DOOR } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { ShelfItem } from '../ranges/range';
import { itemOutline } from '../setting/item-outline';
import { hatchLines } from './hatch';
import type { AtCut } from './plan-cut';
import { DASH, line, outline, WEIGHT, type ArcMark, type PathMark, type Primitive } from './primitives';

/** Fronts of cabinets, mm: thickness of a front and its gap off the box. */
const FRONT = 20;

/** What drawing an item needs of it. */
export interface ItemShape {
  /** Its back left corner, the direction its back runs in and that of its front. */
  origin: Point;
  u: Point;
  n: Point;
  footprint: readonly Point[];
  kind: ItemKind;
  width: number;
  depth: number;
  leg?: number;
  hand: 'left' | 'right';
}

/** A place on an item: across from its left and out from its back, mm. */
export function on(
  { origin, u, n }: Pick<ItemShape, 'origin' | 'u' | 'n'>,
  across: number,
  out: number,
): Point {
  return place(origin, u, across, n, out);
}

function rectangle(box: ItemShape, left: number, right: number, back: number, front: number): Point[] {
  return [on(box, left, back), on(box, right, back), on(box, right, front), on(box, left, front)];
}

/** An item in plan: its outline, and what shows what it is; what lies above the cut dashed, and hatched where it is a cabinet. */
export function drawItemShape(shape: ItemShape, at: AtCut): Primitive[] {
  if (at === 'above') return hung(shape);
  return [outline('items', shape.footprint, WEIGHT.object, 'drawing', 'item'), ...symbol(shape)];
}

function symbol(box: ItemShape): Primitive[] {
  const { width, depth } = box;
  const front = (from: number, to: number) =>
    outline('items', rectangle(box, from, to, depth, depth + FRONT), WEIGHT.thin, 'drawing', 'paper');
  switch (box.kind.symbol) {
    case 'doors':
      return width > ONE_DOOR
        ? [front(2, width / 2 - 1.5), front(width / 2 + 1.5, width - 2)]
        : [front(2, width - 2)];
    case 'drawers':
      return [
        front(2, width - 2),
        line('items', [on(box, 40, depth - 60), on(box, width - 40, depth - 60)], WEIGHT.thin, 'faint'),
      ];
    case 'sink':
      return [front(2, width / 2 - 1.5), front(width / 2 + 1.5, width - 2), ...sink(box)];
    case 'dishwasher':
      return [
        front(2, width - 2),
        line(
          'items',
          rectangle(box, 25, width - 25, 25, depth - 25).concat(on(box, 25, 25)),
          WEIGHT.thin,
          'drawing',
          DASH,
        ),
      ];
    case 'cooker':
      return [
        line('items', [on(box, 0, depth - 40), on(box, width, depth - 40)], WEIGHT.thin, 'drawing'),
        ...burners(box),
      ];
    case 'refrigerator':
      return [
        ...cross(box),
        line('items', [on(box, 0, depth - 60), on(box, width, depth - 60)], WEIGHT.thin, 'drawing'),
      ];
    case 'tall':
      return [...cross(box), front(2, width - 2)];
    case 'hob':
      return [front(2, width - 2), ...burners(box)];
    case 'oven':
      return [
        front(2, width - 2),
        line('items', [on(box, 60, depth - 70), on(box, width - 60, depth - 70)], WEIGHT.object, 'drawing'),
      ];
    case 'open':
      return [
        line('items', [on(box, 0, depth * 0.5), on(box, width, depth * 0.5)], WEIGHT.thin, 'drawing', DASH),
      ];
    case 'blind':
      return blind(box, front);
    case 'corner':
      return cornerFronts(box);
    case 'machine':
      return [
        front(2, width - 2),
        circle(on(box, width / 2, depth / 2), Math.min(width, depth) * 0.3, WEIGHT.thin),
      ];
    case 'sink-bowl':
      return [
        outline(
          'items',
          rectangle(box, 40, width - 40, depth * 0.2, depth - 40),
          WEIGHT.thin,
          'drawing',
          'water',
        ),
        circle(on(box, width / 2, depth * 0.1), 18, WEIGHT.thin),
      ];
    case 'toilet':
      return [
        ...(depth > 600 ? [outline('items', rectangle(box, 0, width, 0, 190), WEIGHT.thin, 'drawing')] : []),
        round(box, width * 0.46, depth > 600 ? 200 : 30, depth - 10),
      ];
    case 'bidet':
      return [round(box, width * 0.42, 90, depth - 20), circle(on(box, width / 2, 60), 16, WEIGHT.thin)];
    case 'basin':
      return [
        round(box, width * 0.4, depth * 0.25, depth - 40),
        circle(on(box, width / 2, depth * 0.13), 16, WEIGHT.thin),
      ];
    case 'bath':
      return [
        outline('items', rounded(box, 60, width - 60, 60, depth - 60), WEIGHT.thin, 'drawing', 'water'),
        circle(on(box, 150, depth / 2), 25, WEIGHT.thin),
      ];
    case 'shower':
      return [...cross(box), circle(on(box, width / 2, depth / 2), 45, WEIGHT.thin)];
    case 'chair':
      return [
        line('items', [on(box, 0, depth * 0.16), on(box, width, depth * 0.16)], WEIGHT.thin, 'drawing'),
      ];
    case 'rug':
      return box.kind.plan === 'round'
        ? [circle(on(box, width / 2, depth / 2), Math.max(width / 2 - BORDER, width / 4), WEIGHT.thin)]
        : [
            outline(
              'items',
              rectangle(box, BORDER, width - BORDER, BORDER, depth - BORDER),
              WEIGHT.thin,
              'drawing',
            ),
          ];
    case 'plant':
      return leaves(box);
    case 'lamp':
      return [
        circle(on(box, width / 2, depth / 2), width * 0.22, WEIGHT.thin),
        line(
          'items',
          [on(box, width / 2, depth * 0.1), on(box, width / 2, depth * 0.9)],
          WEIGHT.thin,
          'drawing',
        ),
        line(
          'items',
          [on(box, width * 0.1, depth / 2), on(box, width * 0.9, depth / 2)],
          WEIGHT.thin,
          'drawing',
        ),
      ];
    case 'curtain':
    case 'object':
    case 'box':
    case 'stool':
    case 'rail':
      return [];
    case 'wall':
    case 'hood':
      return [];
    case 'filler':
      return [
        outline('items', rectangle(box, 0, width, depth - FRONT, depth), WEIGHT.object, 'drawing', 'faint'),
      ];
    case 'panel':
      return [];
  }
}

/** The border of a rug, mm. */
const BORDER = 60;

/** Leaves from the middle to the rim. */
function leaves(box: ItemShape): Primitive[] {
  const { width, depth } = box;
  return Array.from({ length: 7 }, (_, index) => {
    const angle = (2 * Math.PI * index) / 7;
    const end = (share: number, off: number) =>
      on(
        box,
        width / 2 + Math.cos(angle + off) * share * (width / 2),
        depth / 2 + Math.sin(angle + off) * share * (depth / 2),
      );
    const ring = [end(0.1, 0), end(0.6, 0.3), end(0.96, 0), end(0.6, -0.3), end(0.1, 0)];
    return line('items', ring, WEIGHT.thin, 'drawing');
  });
}

/** A blind corner cabinet: its front beside the part that goes into the corner. */
function blind(box: ItemShape, front: (from: number, to: number) => Primitive): Primitive[] {
  const { width, depth, hand } = box;
  const at = hand === 'left' ? width * BLIND : width * (1 - BLIND);
  return [
    hand === 'left' ? front(at, width - 2) : front(2, at),
    line('items', [on(box, at, 0), on(box, at, depth)], WEIGHT.thin, 'drawing', DASH),
  ];
}

/** The share of a blind corner cabinet's width that goes into the corner. */
const BLIND = 0.45;

/** The fronts of a corner cabinet: along both legs, or across the corner. */
function cornerFronts(box: ItemShape): Primitive[] {
  const { width, depth, hand } = box;
  const reach = Math.min(box.leg ?? Math.min(width, depth) / 2, width, depth);
  const at = (along: number, out: number) => on(box, hand === 'left' ? along : width - along, out);
  if (box.kind.plan === 'diagonal') {
    const size = Math.hypot(width - reach, depth - reach);
    const off = { x: (FRONT * (depth - reach)) / size, y: (FRONT * (width - reach)) / size };
    const edge: [Point, Point] = [at(width, reach), at(reach, depth)];
    const front: [Point, Point] = [at(reach + off.x, depth + off.y), at(width + off.x, reach + off.y)];
    return [outline('items', [...edge, ...front], WEIGHT.thin, 'drawing', 'paper')];
  }
  return [
    outline(
      'items',
      [
        at(width - 2, reach),
        at(width - 2, reach + FRONT),
        at(reach + FRONT, reach + FRONT),
        at(reach + FRONT, depth - 2),
        at(reach, depth - 2),
        at(reach, reach),
      ],
      WEIGHT.thin,
      'drawing',
      'paper',
    ),
  ];
}

/** An oval about the middle of the width, half as wide as given, from one depth to another. */
function round(box: ItemShape, half: number, back: number, front: number): Primitive {
  const points = ellipse(half, (front - back) / 2).map(({ x, y }) =>
    on(box, box.width / 2 + x, (back + front) / 2 + y),
  );
  return outline('items', points, WEIGHT.thin, 'drawing', 'water');
}

/** A rectangle with its corners well rounded. */
function rounded(box: ItemShape, left: number, right: number, back: number, front: number): Point[] {
  const radius = Math.min(right - left, front - back) * 0.3;
  const [across, deep] = [(right - left) / 2 - radius, (front - back) / 2 - radius];
  return ellipse(radius, radius).map(({ x, y }) =>
    on(box, (left + right) / 2 + x + Math.sign(x) * across, (back + front) / 2 + y + Math.sign(y) * deep),
  );
}

/** What is as high as the room is worked in: crossed from corner to corner. */
function cross(box: ItemShape): Primitive[] {
  const { width, depth } = box;
  return [
    line('items', [on(box, 0, 0), on(box, width, depth)], WEIGHT.thin, 'drawing'),
    line('items', [on(box, width, 0), on(box, 0, depth)], WEIGHT.thin, 'drawing'),
  ];
}

/** What hangs above the cut: a dashed outline, a hood with its duct. */
function hung(box: ItemShape): Primitive[] {
  const edge = { ...outline('items', box.footprint, WEIGHT.top, 'drawing'), dash: DASH };
  if (box.kind.group === 'wall' && !box.kind.flat) return [hatched(box.footprint), edge];
  if (box.kind.symbol !== 'hood') return [edge];
  return [edge, { ...circle(on(box, box.width / 2, box.depth * 0.35), 75, WEIGHT.thin), dash: DASH }];
}

/** Lines of the hatch of what hangs, apart in mm. */
const HATCH = 90;

function hatched(footprint: readonly Point[]): PathMark {
  const rings = hatchLines(footprint, Math.PI / 4, HATCH);
  return {
    type: 'path',
    layer: 'items',
    rings,
    closed: false,
    weight: WEIGHT.thin,
    ink: 'faint',
    ofHatch: true,
  };
}

/** A bowl set back from the front, with its drain and tap. */
function sink(box: ItemShape): Primitive[] {
  const { width, depth } = box;
  const margin = Math.min(80, width * 0.1);
  const back = depth * BOWL_BACK;
  const bowl = outline(
    'items',
    rectangle(box, margin, width - margin, back, depth - 60),
    WEIGHT.thin,
    'drawing',
    'water',
  );
  return [bowl, circle(on(box, width / 2, back * 0.55), 18, WEIGHT.thin)];
}

/** Where a bowl begins, as a share of the depth. */
const BOWL_BACK = 0.22;

export function bowlMiddle(depth: number): number {
  return (depth * BOWL_BACK + depth - 60) / 2;
}

/** Four rings on a narrow range, six on a wide one. */
function burners(box: ItemShape): Primitive[] {
  const { width, depth } = box;
  const columns = width > 700 + 80 ? 3 : 2;
  const radius = Math.min(95, width / columns / 2.7);
  return Array.from({ length: columns * 2 }, (_, index) => {
    const across = (width * ((index % columns) + 0.5)) / columns;
    const out = (depth - 40) * (index < columns ? 0.27 : 0.74);
    return circle(on(box, across, out), radius * (index % 2 === 0 ? 1 : 0.8), WEIGHT.thin);
  });
}

export function circle(centre: Point, radius: number, weight: number): ArcMark {
  return { type: 'arc', layer: 'items', centre, radius, from: 0, sweep: 2 * Math.PI, weight, ink: 'drawing' };
}

/** One item of the shelf as the plan draws it, its back left corner at the origin and its front down. */
export function drawItemSymbol({ type, width, depth, leg, family }: ShelfItem): Primitive[] {
  const [origin, u, n] = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 0, y: -1 },
  ];
  const sizes = { width, depth, hand: 'left' as const, ...(leg === undefined ? {} : { leg }) };
  const corners = family.outline && { corners: family.outline };
  const shape: ItemShape = {
    origin,
    u,
    n,
    ...sizes,
    kind: kindOf(type),
    footprint: itemOutline({ type, ...sizes, ...corners }).map(({ along, out }) =>
      place(origin, u, along, n, out),
    ),
  };
  const { symbol } = shape.kind;
  return drawItemShape(shape, symbol === 'wall' || symbol === 'hood' ? 'above' : 'below');
}

import type { Point } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import type { Axis, Board, Extent, Span } from '../../shop/parts/board';
import { across, prismOf } from '../../shop/parts/board-prism';
import type { Part } from '../../shop/parts/part';
import { outline, TEXT, WEIGHT, type Ink, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';

/** From where a cabinet that is taken apart is seen: so far round to its right and up from level, radians. */
const ROUND = 0.62;
const UP = 0.42;
/** How far its boards go apart at the most, as a share of its largest size. */
const APART = 0.42;
/** What opens goes so many times as far; boards within a front or a drawer so many times as far among themselves. */
const OUT = { leaf: 2.3, drawer: 1.1, within: 0.3 };
/** Lights and shades of the faces seen: top, front, right. */
const FACES: Readonly<Record<'front' | 'side' | 'top', Ink>> = { top: 'item', front: 'paper', side: 'water' };

type Place = Readonly<Record<Axis, number>>;

const view = {
  right: { x: Math.cos(ROUND), y: -Math.sin(ROUND), z: 0 },
  up: { x: -Math.sin(ROUND) * Math.sin(UP), y: -Math.cos(ROUND) * Math.sin(UP), z: Math.cos(UP) },
  towards: { x: Math.sin(ROUND) * Math.cos(UP), y: Math.cos(ROUND) * Math.cos(UP), z: Math.sin(UP) },
} as const;

const along = (a: Place, b: Place): number => a.x * b.x + a.y * b.y + a.z * b.z;
const seen = (at: Place): Point => ({ x: along(at, view.right), y: along(at, view.up) });

/** A board moved to where it is drawn: an outline across a direction, counter-clockwise, between two places along that. */
interface Stood {
  part: Part;
  along: Axis;
  ring: readonly Point[];
  span: Span;
  extent: Extent;
}

/** The parts of a cabinet taken apart by a share of the way, each named by its number, as marks of which each is of its part; one can be chosen. `scale` is mm per paper mm. */
export function takenApart(
  parts: readonly Part[],
  { share, scale, chosen = null }: { share: number; scale: number; chosen?: string | null },
): Primitive[] {
  const boards = parts.flatMap((part) => part.boards.map((one) => ({ part, one })));
  const whole = wholeOf(boards.map(({ one }) => one));
  const far =
    share * APART * Math.max(...(['x', 'y', 'z'] as const).map((axis) => whole[axis][1] - whole[axis][0]));
  const middles = groupMiddles(boards.map(({ one }) => one));
  const stood = boards.flatMap(({ part, one }) => {
    const moved = moveOf(one, whole, middles.get(one), far);
    return (one.seen ?? [one]).map((extent) => standing(part, one, extent, moved));
  });
  const marks = ordered(stood).flatMap((one) => facesOf(one, one.part.id === chosen));
  return [...marks, ...numbers(parts, stood, { chosen, scale })];
}

function wholeOf(boards: readonly Board[]): Extent {
  const own = boards.filter(({ frame }) => !frame);
  return wholeAmong(own.length > 0 ? own : boards);
}

const middleOf = (extent: Extent): Place => ({
  x: (extent.x[0] + extent.x[1]) / 2,
  y: (extent.y[0] + extent.y[1]) / 2,
  z: (extent.z[0] + extent.z[1]) / 2,
});

/** Of every board that opens the middle of what opens with it: the boards of one front, or those of the drawer behind it. */
function groupMiddles(boards: readonly Board[]): ReadonlyMap<Board, Place> {
  const found = new Map<Board, Place>();
  for (const one of boards) {
    if (!one.leaf || found.has(one)) continue;
    const own = boards.filter((other) => other.leaf === one.leaf && isDrawer(other) === isDrawer(one));
    const middle = middleOf(wholeAmong(own));
    for (const other of own) found.set(other, middle);
  }
  return found;
}

const isDrawer = ({ of, name }: Board): boolean => of === 'drawer' || name === 'drawer-bottom';

const wholeAmong = (boards: readonly Board[]): Extent => {
  const span = (axis: Axis): [number, number] => [
    Math.min(...boards.map((one) => one[axis][0])),
    Math.max(...boards.map((one) => one[axis][1])),
  ];
  return { x: span('x'), y: span('y'), z: span('z') };
};

/** How a board is moved: away from the middle across its own plane; what opens comes out before the others. */
function moveOf(one: Board, whole: Extent, group: Place | undefined, far: number): Place {
  const none = { x: 0, y: 0, z: 0 };
  const away = (axis: Axis, about: number) => (middleOf(one)[axis] < about - 1e-6 ? -1 : 1);
  if (group) {
    const out = far * (isDrawer(one) ? OUT.drawer : OUT.leaf);
    const axis = isDrawer(one) ? one.thin : one.grain === 'z' ? 'x' : 'z';
    const isMiddle = Math.abs(middleOf(one)[axis] - group[axis]) < 1;
    const by = isMiddle ? 0 : OUT.within * far * away(axis, group[axis]);
    const base = outOf(one, out, whole);
    if (!one.frame || axis === 'z') return { ...base, [axis]: base[axis] + by };
    const { u } = one.frame;
    return { x: base.x + u.x * by, y: base.y + u.y * by, z: 0 };
  }
  if (one.of === 'shelf' || one.name === 'divider') return { ...none, y: far * 0.35 };
  if (one.name === 'hang-rail') return { ...none, y: -far * 0.5 };
  if (one.of === 'plinth') return { ...none, y: far * 0.8 };
  if (one.frame?.about) {
    const { u, about } = one.frame;
    return { ...none, [about === 'x' ? 'y' : 'x']: -u.y * far, z: u.x * far };
  }
  if (one.frame) return outOf(one, far, whole);
  const middle = (whole[one.thin][0] + whole[one.thin][1]) / 2;
  return { ...none, [one.thin]: far * away(one.thin, middle) };
}

/** Out of the side that something stands on: the way its frame looks, or the way it is thin in, away from the box. */
function outOf(one: Board, out: number, whole: Extent): Place {
  if (one.frame) return { x: -one.frame.u.y * out, y: one.frame.u.x * out, z: 0 };
  if (one.thin !== 'x' || isDrawer(one)) return { x: 0, y: out, z: 0 };
  // The second leg of a corner looks along it: towards the middle of the box.
  const isLeft = middleOf(one).x < (whole.x[0] + whole.x[1]) / 2;
  return { x: isLeft ? out : -out, y: 0, z: 0 };
}

function standing(part: Part, one: Board, extent: Extent, by: Place): Stood {
  const { along, ring: own, span } = prismOf({ ...one, ...extent });
  const [a, b] = across[along];
  const placed = own.map(({ x, y }) => ({ x: x + by[a], y: y + by[b] }));
  const ring = signedArea(placed) > 0 ? placed : [...placed].reverse();
  const moved: Span = [span[0] + by[along], span[1] + by[along]];
  const reach = (of: (at: Point) => number): Span => [Math.min(...ring.map(of)), Math.max(...ring.map(of))];
  const reaches = {
    ...{ x: moved, y: moved, z: moved },
    [a]: reach((at) => at.x),
    [b]: reach((at) => at.y),
  };
  return { part, along, ring, span: moved, extent: reaches };
}

/** What hides another is drawn after it: it reaches past it towards who looks in every direction. */
function ordered(stood: readonly Stood[]): Stood[] {
  const hides = (a: Stood, b: Stood) =>
    (['x', 'y', 'z'] as const).every((axis) => a.extent[axis][1] > b.extent[axis][0] + 1e-6);
  const depth = (one: Stood) => along(middleOf(one.extent), view.towards);
  const byDepth = [...stood].sort((a, b) => depth(a) - depth(b));
  const found: Stood[] = [];
  const state = new Map<Stood, 'done' | 'open'>();
  const visit = (one: Stood) => {
    if (state.has(one)) return;
    state.set(one, 'open');
    for (const other of byDepth) if (other !== one && hides(one, other) && !hides(other, one)) visit(other);
    state.set(one, 'done');
    found.push(one);
  };
  for (const one of byDepth) visit(one);
  return found;
}

/** The faces of a board that are seen: its sides from behind to before, then its end. */
function facesOf({ part, along: axis, ring, span }: Stood, isChosen: boolean): Primitive[] {
  const weight = isChosen ? WEIGHT.object : WEIGHT.thin;
  const ink: Ink = isChosen ? 'measure' : 'drawing';
  const [a, b] = across[axis];
  const place = (at: Point, end: number): Place => ({ ...NOWHERE, [a]: at.x, [b]: at.y, [axis]: end });
  const face = (corners: readonly Place[], out: Place): Primitive => ({
    ...outline('items', corners.map(seen), weight, ink, shadeOf(out)),
    source: part.id,
  });
  const sides = ring.flatMap((from, index) => {
    const to = ring[(index + 1) % ring.length]!;
    const out = { ...NOWHERE, [a]: to.y - from.y, [b]: from.x - to.x };
    if (along(out, view.towards) <= 1e-9) return [];
    const corners = [place(from, span[0]), place(to, span[0]), place(to, span[1]), place(from, span[1])];
    const depth = (along(corners[0]!, view.towards) + along(corners[1]!, view.towards)) / 2;
    return [{ depth, corners, out }];
  });
  return [
    ...sides.sort((p, q) => p.depth - q.depth).map(({ corners, out }) => face(corners, out)),
    face(
      ring.map((corner) => place(corner, span[1])),
      { ...NOWHERE, [axis]: 1 },
    ),
  ];
}
const NOWHERE: Place = { x: 0, y: 0, z: 0 };

/** The light on a face by the direction it looks in most. */
function shadeOf({ x, y, z }: Place): Ink {
  if (Math.abs(z) > Math.max(Math.abs(x), Math.abs(y))) return FACES.top;
  return Math.abs(y) >= Math.abs(x) ? FACES.front : FACES.side;
}

/** Where a number can stand on its face, as shares of the way from its middle to its ends. */
const SPOTS = [0, -0.4, 0.4, -0.7, 0.7] as const;

/** The numbers of the parts, each on the face of it that is seen largest, clear of those before it where there is room. */
function numbers(
  parts: readonly Part[],
  stood: readonly Stood[],
  { chosen, scale }: { chosen: string | null; scale: number },
): Primitive[] {
  const taken: { at: Point; wide: number }[] = [];
  const high = TEXT.normal * scale;
  return parts.flatMap((part, index) => {
    const own = stood.filter((one) => one.part === part).at(-1);
    if (!own) return [];
    const text = String(index + 1);
    const wide = (textWidth(text, TEXT.normal, true) + APART_NUMBERS) * scale;
    const isFree = (at: Point) =>
      taken.every(
        (other) =>
          Math.abs(at.x - other.at.x) >= (wide + other.wide) / 2 || Math.abs(at.y - other.at.y) >= high,
      );
    const spots = faceSpots(own);
    const at = spots.find(isFree) ?? spots[0]!;
    taken.push({ at, wide });
    const mark: Primitive = {
      ...{ type: 'text', layer: 'items', source: part.id, at, text, anchor: 'middle', turn: 0 },
      ...{ size: TEXT.normal, bold: part.id === chosen, ground: true },
      ink: part.id === chosen ? 'measure' : 'drawing',
    };
    return [mark];
  });
}
/** Between two numbers beside one another, paper mm. */
const APART_NUMBERS = 0.8;

/** Along the longer direction of the face that is seen, its middle first. */
function faceSpots({ extent }: Stood): Point[] {
  const { x, y, z } = extent;
  const sizes = { x: x[1] - x[0], y: y[1] - y[0], z: z[1] - z[0] };
  const axes = ['x', 'y', 'z'] as const;
  const thin = axes.reduce((a, b) => (sizes[b] < sizes[a] ? b : a));
  const long = axes.reduce((a, b) => (sizes[b] > sizes[a] ? b : a));
  const middle = { ...middleOf(extent), [thin]: extent[thin][1] };
  return SPOTS.map((share) => seen({ ...middle, [long]: middle[long] + (share * sizes[long]) / 2 }));
}

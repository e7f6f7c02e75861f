import { clipHalfPlane } from '../../geometry/convex';
import type { Point } from '../../geometry/point';
import type { Slant } from '../../setting/slant';
import {
  AXES,
  board,
  facesOf,
  isBore,
  SAME,
  sound,
  within,
  type Axis,
  type Board,
  type Cut,
  type Extent,
  type Machining,
  type Span,
} from './board';
import { across } from './board-prism';
import { inPieces, LEAST } from './cut-round';
import { planeFace, ringFrom } from './part-outline';

/** What of some boards a slant leaves. */
export const cutSlant = (boards: readonly Board[], slant: Slant): Board[] =>
  boards.flatMap((one) => slanted(one, slant));

/**
 * What of a board a slant leaves: one it goes straight through in its own outline, one it meets aslant cut off square, where it is
 * shortest. Fronts and frames stand before what slants, and what leans or stands along another side stays.
 */
export function slanted(one: Board, slant: Slant): Board[] {
  const { out, at } = slant;
  if (one.frame || (one.leaf && one.of !== 'drawer' && one.of !== 'back')) return [one];
  const most = AXES.reduce((sum, axis) => sum + farthest(out[axis], one[axis]), 0);
  if (most <= at + SAME) return [one];
  if (out[one.thin] === 0) return inOutline(one, slant);
  const [a, b] = across[one.thin];
  const axis = Math.abs(out[a]) > Math.abs(out[b]) ? a : b;
  const others = AXES.filter((other) => other !== axis);
  const rest = others.reduce((sum, other) => sum + farthest(out[other], one[other]), 0);
  const end = (at - rest) / out[axis];
  const span: Span = out[axis] > 0 ? [one[axis][0], end] : [end, one[axis][1]];
  if (span[1] - span[0] < LEAST) return [];
  return inPieces(within(one, { [axis]: span }));
}

const farthest = (out: number, [from, to]: Span): number => Math.max(out * from, out * to);

/** A board whose outline a slant goes straight through. */
function inOutline(one: Board, { out, at }: Slant): Board[] {
  const [a, b] = across[one.thin];
  const corners = clipHalfPlane(outlineOf(one), { x: -out[a], y: -out[b] }, -at);
  const ring = corners.filter((corner, index) => !isOne(corner, corners[(index + 1) % corners.length]!));
  if (ring.length < 3) return [];
  const span = (of: (at: Point) => number): Span => [Math.min(...ring.map(of)), Math.max(...ring.map(of))];
  const [as, bs] = [span((point) => point.x), span((point) => point.y)];
  if (as[1] - as[0] < LEAST || bs[1] - bs[0] < LEAST) return [];
  const fits = (x: number, y: number) => out[a] * x + out[b] * y <= at + SAME;
  const { seen: _, ringEdged: _edged, ...own } = one;
  const cut: Board = {
    ...own,
    ...{ [a]: as, [b]: bs, ring },
    ringEdged: edgedSides(one, ring),
    machining: one.machining.flatMap((made) => left(made, one.thin, { slant: { out, at }, fits })),
  };
  return [sound(cut)];
}

const isOne = (p: Point, q: Point): boolean => Math.abs(p.x - q.x) < SAME && Math.abs(p.y - q.y) < SAME;

/** The outline of a board in its own plane, without what is notched out of it. */
function outlineOf(one: Board): Point[] {
  if (one.ring) return [...one.ring];
  const [a, b] = across[one.thin];
  return ringFrom(one, planeFace[one.thin]).map(({ x, y }) => ({ x: one[a][0] + x, y: one[b][0] + y }));
}

/** Which sides of an outline lie along what is edged of a board. */
function edgedSides(one: Board, ring: readonly Point[]): number[] {
  const [a, b] = across[one.thin];
  const known =
    one.ring && one.ringEdged?.map((at) => [one.ring![at]!, one.ring![(at + 1) % one.ring!.length]!]);
  return ring.flatMap((from, index) => {
    const to = ring[(index + 1) % ring.length]!;
    const isAlong = ([p, q]: readonly Point[]) => liesOn(from, p!, q!) && liesOn(to, p!, q!);
    const lies = (axis: Axis, end: 0 | 1) => {
      const value = axis === a ? [from.x, to.x] : [from.y, to.y];
      return value.every((here) => Math.abs(here - one[axis][end]) < SAME);
    };
    const isEdged =
      known?.some(isAlong) ??
      [a, b].some((axis) =>
        ([0, 1] as const).some((end) => one.edged.includes(facesOf[axis][end]!) && lies(axis, end)),
      );
    return isEdged ? [index] : [];
  });
}

const liesOn = (at: Point, p: Point, q: Point): boolean =>
  Math.abs((q.x - p.x) * (at.y - p.y) - (q.y - p.y) * (at.x - p.x)) < SAME * Math.hypot(q.x - p.x, q.y - p.y);

/** What is left of a machining before a slant: a hole that lies whole in what stays, a cut as far as it does. */
function left(
  made: Machining,
  thin: Axis,
  { slant: { out, at }, fits }: { slant: Slant; fits: (x: number, y: number) => boolean },
): Machining[] {
  const [a, b] = across[thin];
  if (isBore(made)) {
    const reach = facesOf[thin].includes(made.face) ? made.size / 2 : 0;
    return out[a] * made.at[a] + out[b] * made.at[b] + reach <= at + SAME ? [made] : [];
  }
  // It is in the outline.
  if (made.type === 'notch' && facesOf[thin].includes(made.face)) return [];
  const { cut } = made;
  const worst = (axis: Axis) => farthest(out[axis], cut[axis]);
  if (worst(a) + worst(b) <= at + SAME) return [made];
  if (!cut[a].some((x) => cut[b].some((y) => fits(x, y)))) return [];
  /** Cut off square along a direction, where it is shortest. */
  const ends = ([a, b] as const).map((axis): Cut => {
    const end = (at - worst(axis === a ? b : a)) / out[axis];
    const span: Span = out[axis] > 0 ? [cut[axis][0], end] : [end, cut[axis][1]];
    return { ...made, cut: { ...cut, [axis]: span } };
  });
  const area = ({ cut: { [a]: along, [b]: up } }: Cut) =>
    Math.max(0, along[1] - along[0]) * Math.max(0, up[1] - up[0]);
  return [area(ends[0]!) >= area(ends[1]!) ? ends[0]! : ends[1]!].filter((one) => area(one) > SAME);
}

/** The board that closes a box along a slant: over the edges of all that is cut off to it, so thick, cut off square where it ends. */
export function closing({ out, at }: Slant, whole: Extent, thick: number): Board[] {
  const [a, b]: readonly [Axis, Axis] = out.z === 0 ? ['x', 'y'] : out.y === 0 ? ['x', 'z'] : ['y', 'z'];
  // Out of it is to the left of along it.
  const u = { x: out[b], y: -out[a] };
  const ends = crossings({ out, at }, whole, [a, b]);
  if (!ends) return [];
  const [from, to] = ends.toSorted((p, q) => u.x * (p.x - q.x) + u.y * (p.y - q.y)) as [Point, Point];
  const own: Span = [0, Math.hypot(to.x - from.x, to.y - from.y)];
  const into: Span = [-thick, 0];
  return out.z === 0
    ? board('slanting-back', 'box', { x: own, y: into, z: whole.z }, ['y', 'z'], {
        frame: { origin: from, u },
      })
    : out.y === 0
      ? board('sloping-top', 'box', { x: own, y: whole.y, z: into }, ['z', 'x'], {
          frame: { origin: from, u, about: 'y' },
        })
      : board('sloping-top', 'box', { x: whole.x, y: own, z: into }, ['z', 'x'], {
          frame: { origin: from, u, about: 'x' },
        });
}

/** Where the face of a slant comes in and goes out of a box, told by two directions; null where it does not go through it. */
function crossings({ out, at }: Slant, whole: Extent, [a, b]: readonly [Axis, Axis]): [Point, Point] | null {
  const on = (axis: Axis, value: number): Point[] => {
    const other = axis === a ? b : a;
    const found = (at - out[axis] * value) / out[other];
    if (found < whole[other][0] || found > whole[other][1]) return [];
    return [axis === a ? { x: value, y: found } : { x: found, y: value }];
  };
  const found = [a, b].flatMap((axis) => whole[axis].flatMap((value) => on(axis, value)));
  const [first] = found;
  const second = first && found.find((one) => !isOne(one, first));
  return first && second ? [first, second] : null;
}

import type { Blocked } from '../../setting/cut-round';
import {
  facesOf,
  sound,
  type Axis,
  type Board,
  type Cut,
  type Extent,
  type Machining,
  type Span,
} from './board';
import { across } from './board-prism';
import { piecesLeft, type Rect } from './rect-pieces';

const AXES: readonly Axis[] = ['x', 'y', 'z'];
const SAME = 1e-6;
/** Narrower pieces of a board are none, mm. */
const LEAST = 20;

/** Boards without what is built in where they would be: shorter, in two, or with a notch; none where nothing of it is left. */
export const cutRound = (boards: readonly Board[], blocked: readonly Blocked[]): Board[] =>
  blocked
    .reduce<Board[]>((left, one) => left.flatMap((board) => without(board, one)), [...boards])
    .flatMap(inPieces);

/** A board as its notches leave it: in the pieces that still hang together, each no larger than it is. */
export function inPieces(one: Board): Board[] {
  const notches = one.machining.filter((made): made is Cut => made.type === 'notch');
  if (one.ring || notches.length === 0) return [one];
  const [a, b] = across[one.thin];
  const pieces = piecesLeft(
    { x: one[a], y: one[b] },
    notches.map(({ cut }) => ({ x: cut[a], y: cut[b] })),
  );
  const isWhole = ({ x, y }: Rect) => sizeOf(x) + SAME > sizeOf(one[a]) && sizeOf(y) + SAME > sizeOf(one[b]);
  if (pieces.length === 1 && isWhole(pieces[0]!)) return [one];
  return pieces
    .filter(({ x, y }) => sizeOf(x) >= LEAST && sizeOf(y) >= LEAST)
    .map(({ x, y, gone }) => {
      const piece: Board = { ...one, [a]: x, [b]: y };
      const kept = one.machining.filter(({ type }) => type !== 'notch');
      const seen = one.seen?.flatMap((extent) => within(extent, piece));
      return gone.reduce<Board>(
        (left, at) => notched(left, { ...left, [a]: at.x, [b]: at.y }),
        sound({ ...piece, machining: kept, ...(seen && { seen }) }),
      );
    });
}

const sizeOf = ([from, to]: Span): number => to - from;

/** A box as far as it lies in another. */
function within(extent: Extent, whole: Extent): Extent[] {
  const [x, y, z] = AXES.map((axis) => shared(extent[axis], whole[axis])) as [Span, Span, Span];
  return [x, y, z].every((span) => sizeOf(span) > SAME) ? [{ x, y, z }] : [];
}

function without(one: Board, blocked: Blocked): Board[] {
  // Fronts stand before what is built in; what stands aslant, or is no rectangle, stays.
  if (one.leaf || one.frame || one.ring) return [one];
  const common = AXES.map((axis) => shared(one[axis], blocked[axis])) as [Span, Span, Span];
  if (common.some(([from, to]) => to - from <= SAME)) return [one];
  const cut: Extent = { x: common[0], y: common[1], z: common[2], [one.thin]: one[one.thin] };
  const [a, b] = AXES.filter((axis) => axis !== one.thin) as [Axis, Axis];
  const covers = (axis: Axis) => cut[axis][0] <= one[axis][0] + LEAST && cut[axis][1] >= one[axis][1] - LEAST;
  if (covers(a) && covers(b)) return [];
  if (covers(a)) return beside(one, b, cut[b]);
  if (covers(b)) return beside(one, a, cut[a]);
  return [notched(one, reaching(one, cut, [a, b]))];
}

const shared = (a: Span, b: Span): Span => [Math.max(a[0], b[0]), Math.min(a[1], b[1])];

/** What is left of a board on either side of a stretch of it. */
function beside(one: Board, axis: Axis, [from, to]: Span): Board[] {
  const spans: Span[] = [
    [one[axis][0], from],
    [to, one[axis][1]],
  ];
  return spans
    .filter(([low, high]) => high - low >= LEAST)
    .map((span) => {
      const seen = one.seen?.flatMap((extent) => {
        const left = shared(extent[axis], span);
        return left[1] - left[0] > SAME ? [{ ...extent, [axis]: left }] : [];
      });
      return sound({ ...one, [axis]: span, ...(seen && { seen }) });
    });
}

/** A cut that goes to an edge of its board: one within it goes on to the nearest. */
function reaching(one: Board, cut: Extent, axes: readonly [Axis, Axis]): Extent {
  const gaps = axes.flatMap((axis) => [
    { axis, end: 0 as const, gap: cut[axis][0] - one[axis][0] },
    { axis, end: 1 as const, gap: one[axis][1] - cut[axis][1] },
  ]);
  // What would be left beside it is too narrow to stay.
  const open = gaps.filter(({ gap }) => gap < LEAST);
  const ends = open.length > 0 ? open : [gaps.reduce((least, two) => (two.gap < least.gap ? two : least))];
  return ends.reduce<Extent>((found, { axis, end }) => {
    const [from, to] = found[axis];
    return { ...found, [axis]: end === 0 ? [one[axis][0], to] : [from, one[axis][1]] };
  }, cut);
}

function notched(one: Board, cut: Extent): Board {
  const notch: Machining = { type: 'notch', face: facesOf[one.thin][1], cut };
  const seen = (one.seen ?? [one]).flatMap((extent) => besides(extent, cut));
  const kept = one.machining.filter((made) => !isWithin(made, cut));
  return { ...one, machining: [...kept, notch], seen };
}

/** Whether a machining would be in what is cut away, or over its edge. */
function isWithin(made: Machining, cut: Extent): boolean {
  if ('cut' in made)
    return AXES.every(
      (axis) => made.cut[axis][0] >= cut[axis][0] - SAME && made.cut[axis][1] <= cut[axis][1] + SAME,
    );
  const reach = made.size / 2;
  return AXES.every((axis) => made.at[axis] > cut[axis][0] - reach && made.at[axis] < cut[axis][1] + reach);
}

/** A box without another, in boxes. */
function besides({ x, y, z }: Extent, cut: Extent): Extent[] {
  let rest: Extent = { x, y, z };
  if (AXES.some((axis) => shared(rest[axis], cut[axis])[1] - shared(rest[axis], cut[axis])[0] <= SAME))
    return [rest];
  const found: Extent[] = [];
  for (const axis of AXES) {
    const [from, to] = rest[axis];
    const [low, high] = shared(rest[axis], cut[axis]);
    if (low - from > SAME) found.push({ ...rest, [axis]: [from, low] });
    if (to - high > SAME) found.push({ ...rest, [axis]: [high, to] });
    rest = { ...rest, [axis]: [low, high] };
  }
  return found;
}

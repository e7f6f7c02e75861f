import type { Blocked } from '../../setting/cut-round';
import {
  AXES,
  common,
  facesOf,
  SAME,
  within,
  type Axis,
  type Board,
  type Cut,
  type Extent,
  type Machining,
  type Span,
} from './board';
import { across } from './board-prism';
import { piecesLeft, type Rect } from './rect-pieces';

/** Narrower pieces of a board are none, mm. */
export const LEAST = 20;

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
      const machining = one.machining.filter(({ type }) => type !== 'notch');
      return gone.reduce<Board>(
        (left, at) => notched(left, { ...left, [a]: at.x, [b]: at.y }),
        within({ ...one, machining }, { [a]: x, [b]: y }),
      );
    });
}

const sizeOf = ([from, to]: Span): number => to - from;

function without(one: Board, blocked: Blocked): Board[] {
  // Fronts stand before what is built in; what stands aslant, or is no rectangle, stays.
  if (one.leaf || one.frame || one.ring) return [one];
  const met = common(one, blocked);
  if (!met) return [one];
  const cut: Extent = { ...met, [one.thin]: one[one.thin] };
  const [a, b] = AXES.filter((axis) => axis !== one.thin) as [Axis, Axis];
  const covers = (axis: Axis) => cut[axis][0] <= one[axis][0] + LEAST && cut[axis][1] >= one[axis][1] - LEAST;
  if (covers(a) && covers(b)) return [];
  if (covers(a)) return beside(one, b, cut[b]);
  if (covers(b)) return beside(one, a, cut[a]);
  return [notched(one, reaching(one, cut, [a, b]))];
}

/** What is left of a board on either side of a stretch of it. */
function beside(one: Board, axis: Axis, [from, to]: Span): Board[] {
  const spans: Span[] = [
    [one[axis][0], from],
    [to, one[axis][1]],
  ];
  return spans.filter(([low, high]) => high - low >= LEAST).map((span) => within(one, { [axis]: span }));
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
  const met = common(rest, cut);
  if (!met) return [rest];
  const found: Extent[] = [];
  for (const axis of AXES) {
    const [from, to] = rest[axis];
    const [low, high] = met[axis];
    if (low - from > SAME) found.push({ ...rest, [axis]: [from, low] });
    if (to - high > SAME) found.push({ ...rest, [axis]: [high, to] });
    rest = { ...rest, [axis]: [low, high] };
  }
  return found;
}

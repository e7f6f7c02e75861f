import type { Point } from '../../geometry/point';
import {
  axisOf,
  facesOf,
  machined,
  seenFrom,
  type Axis,
  type Board,
  type BoardFace,
  type Machining,
} from './board';
import { across } from './board-prism';
import type { Part } from './part';

/** The face a part is worked and drawn from: the one of its two most of it is made from, else the one that is seen. */
export function workedFrom({ boards }: Part): BoardFace {
  const { thin, machining } = boards[0]!;
  const [low, high] = facesOf[thin];
  const count = (face: BoardFace) => machining.filter((one) => one.face === face).length;
  return count(low) > count(high) ? low : high;
}

export const oppositeFace: Readonly<Record<BoardFace, BoardFace>> = {
  ...{ left: 'right', right: 'left', front: 'back', back: 'front', top: 'bottom', bottom: 'top' },
};

/** How large a board is as it is seen from a face, mm. */
export function sizeFrom(one: Board, face: BoardFace): { wide: number; high: number } {
  const { along, up } = seenFrom[face];
  return { wide: one[along][1] - one[along][0], high: one[up][1] - one[up][0] };
}

export const rectangleAt = (x: number, y: number, wide: number, high: number): Point[] => [
  { x, y },
  { x: x + wide, y },
  { x: x + wide, y: y + high },
  { x, y: y + high },
];

/**
 * A board's outline as it is seen from a face, its low left corner at 0, 0: its own where it is no rectangle, else a rectangle (the whole
 * one unless another is given) without what is notched out of it.
 */
export function ringFrom(one: Board, face: BoardFace, within?: readonly Point[]): Point[] {
  const { wide, high } = sizeFrom(one, face);
  if (one.ring && axisOf[face] === one.thin) return fromPlane(one, face, one.ring);
  const ring = [...(within ?? rectangleAt(0, 0, wide, high))];
  const notches = one.machining
    .filter((made) => made.type === 'notch' && axisOf[made.face] === axisOf[face])
    .map((made) => machined(one, { ...made, face } as Machining));
  for (const { at, size } of notches) if (typeof size !== 'number') notched(ring, at, size, { wide, high });
  return ring;
}

/** Places in a board's own plane as they are seen from one of its large faces. */
export function fromPlane(one: Board, face: BoardFace, ring: readonly Point[]): Point[] {
  const { along, against, up, down } = seenFrom[face];
  const [first] = across[one.thin];
  const from = (axis: Axis, { x, y }: Point, turned: boolean) => {
    const at = axis === first ? x : y;
    return turned ? one[axis][1] - at : at - one[axis][0];
  };
  return ring.map((at) => ({ x: from(along, at, against), y: from(up, at, down) }));
}

/** Takes a notch out of an outline: at one of its corners, or out of a side; the outline's own corners may lie within the whole's. */
function notched(
  ring: Point[],
  [x, y]: readonly [number, number],
  [w, h]: readonly [number, number],
  { wide, high }: { wide: number; high: number },
): void {
  const isAt = { left: x < NEAR, right: x + w > wide - NEAR, low: y < NEAR, high: y + h > high - NEAR };
  const [atX, atY] = [isAt.left !== isAt.right, isAt.low !== isAt.high];
  const [xs, ys] = [ring.map((one) => one.x), ring.map((one) => one.y)];
  const corner = {
    x: isAt.left ? Math.min(...xs) : Math.max(...xs),
    y: isAt.low ? Math.min(...ys) : Math.max(...ys),
  };
  const inner = { x: isAt.left ? x + w : x, y: isAt.low ? y + h : y };
  if (atX && atY) {
    const at = ring.findIndex((one) => one.x === corner.x && one.y === corner.y);
    if (at < 0) return;
    const before = ring[(at + ring.length - 1) % ring.length]!;
    const along = { x: inner.x, y: corner.y };
    const up = { x: corner.x, y: inner.y };
    ring.splice(at, 1, ...(before.x === corner.x ? [up, inner, along] : [along, inner, up]));
    return;
  }
  if (atX === atY) return;
  // Out of one side: in, along and out again, the way the outline goes there.
  const side = atY ? corner.y : corner.x;
  const [from, to] = atY ? [x, x + w] : [y, y + h];
  const deep = atY ? inner.y : inner.x;
  const place = (along: number, across: number): Point =>
    atY ? { x: along, y: across } : { x: across, y: along };
  const alongOf = (one: Point) => (atY ? one.x : one.y);
  const acrossOf = (one: Point) => (atY ? one.y : one.x);
  const at = ring.findIndex((one, index) => {
    const next = ring[(index + 1) % ring.length]!;
    const [low, high] = [alongOf(one), alongOf(next)].sort((a, b) => a - b) as [number, number];
    return acrossOf(one) === side && acrossOf(next) === side && low <= from && to <= high;
  });
  if (at < 0) return;
  const mouth = [place(from, side), place(from, deep), place(to, deep), place(to, side)];
  const isForward = alongOf(ring[at]!) < alongOf(ring[(at + 1) % ring.length]!);
  ring.splice(at + 1, 0, ...(isForward ? mouth : mouth.reverse()));
}
const NEAR = 1e-6;

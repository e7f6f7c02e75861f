import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import {
  axisOf,
  facesOf,
  machined,
  seenFrom,
  type Axis,
  type Board,
  type BoardFace,
  type Cut,
} from './board';
import { across } from './board-prism';
import type { Part } from './part';
import { piecesLeft, type Rect } from './rect-pieces';

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

/** The face of a board from which the two directions it is not thin in run along and up. */
export const planeFace: Readonly<Record<Axis, BoardFace>> = { x: 'left', y: 'front', z: 'bottom' };

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
  if (one.ring && axisOf[face] === one.thin) return fromPlane(one, face, one.ring);
  const { wide, high } = sizeFrom(one, face);
  const whole = within ? boundsOf(within) : { left: 0, right: wide, bottom: 0, top: high };
  const notches = one.machining.flatMap((made): Rect[] => {
    if (made.type !== 'notch' || axisOf[made.face] !== axisOf[face]) return [];
    const { at, size } = machined(one, { ...made, face } as Cut);
    const [w, h] = size as [number, number];
    // One at an edge goes to the end there, also of an outline that is cut beyond it.
    return [
      {
        x: [at[0] < NEAR ? whole.left : at[0], at[0] + w > wide - NEAR ? whole.right : at[0] + w],
        y: [at[1] < NEAR ? whole.bottom : at[1], at[1] + h > high - NEAR ? whole.top : at[1] + h],
      },
    ];
  });
  const { left, right, bottom, top } = whole;
  if (notches.length === 0) return rectangleAt(left, bottom, right - left, top - bottom);
  return piecesLeft({ x: [left, right], y: [bottom, top] }, notches)[0]?.ring ?? [];
}
const NEAR = 1e-6;

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

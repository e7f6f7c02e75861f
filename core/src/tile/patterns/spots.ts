import type { Measure, RepeatPiece, Spot } from '../pattern';

/** So many tiles along, each with its joint. */
export const along = (count: number): Measure => [count, 0, count];
/** So many tiles across, each with its joint. */
export const across = (count: number): Measure => [0, count, count];
export const mm = (length: number): Measure => [0, 0, 0, length];
export const NONE: Measure = [0, 0, 0];

export const sum = (...all: readonly Measure[]): Measure =>
  all.reduce(([w, h, joint, rest = 0], one) => [
    w + one[0],
    h + one[1],
    joint + one[2],
    rest + (one[3] ?? 0),
  ]);

export const times = (count: number, [w, h, joint, rest = 0]: Measure): Measure => [
  w * count,
  h * count,
  joint * count,
  rest * count,
];

/** A rectangular piece from its lower left corner. */
export function box(slot: string, [x, y]: Spot, [wide, high]: Spot): RepeatPiece {
  const [right, top] = [sum(x, wide), sum(y, high)];
  return {
    slot,
    ring: [
      [x, y],
      [right, y],
      [right, top],
      [x, top],
    ],
  };
}

/** Places so many times a length from the middle. */
export const round = (size: Measure, corners: readonly (readonly [number, number])[]): Spot[] =>
  corners.map(([x, y]) => [times(x, size), times(y, size)]);

import type { Place } from './mesh';

/** From one place to another. */
export const minus = (a: Place, b: Place): Place => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Place, by: number): Place => [a[0] * by, a[1] * by, a[2] * by];
/** So far from a place in a direction. */
export const along = (from: Place, way: Place, by: number): Place => [
  from[0] + way[0] * by,
  from[1] + way[1] * by,
  from[2] + way[2] * by,
];
export const inner = (a: Place, b: Place): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Place, b: Place): Place => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Place): Place => times(a, 1 / (Math.hypot(...a) || 1));

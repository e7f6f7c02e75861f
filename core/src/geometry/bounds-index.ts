import Flatbush from 'flatbush';
import type { Point } from './point';
import { boundsOf } from './polygon';

/** Things by where they lie, so that what is near a place is found without asking each of them. */
export interface BoundsIndex<T> {
  /** Those whose extent meets that of some points, so much wider, in the order they were given. */
  near(points: readonly Point[], wider?: number): readonly T[];
}

/** An index of things by the corners of each. */
export function boundsIndex<T>(
  things: readonly T[],
  cornersOf: (thing: T) => readonly Point[],
): BoundsIndex<T> {
  if (things.length === 0) return { near: () => [] };
  const index = new Flatbush(things.length);
  for (const thing of things) {
    const { left, right, bottom, top } = boundsOf(cornersOf(thing));
    index.add(left, bottom, right, top);
  }
  index.finish();
  return {
    near(points, wider = 0) {
      const { left, right, bottom, top } = boundsOf(points);
      return index
        .search(left - wider, bottom - wider, right + wider, top + wider)
        .sort((a, b) => a - b)
        .map((at) => things[at]!);
    },
  };
}

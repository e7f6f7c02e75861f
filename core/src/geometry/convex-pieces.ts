import earcut from 'earcut';
import { overlapDepth } from './convex';
import { cross, subtract, type Point } from './point';
import type { Polygon } from './polygon';

/** A simple polygon as convex ones that cover it: itself where it is convex, else triangles. */
export function convexPieces(polygon: Polygon): Point[][] {
  if (isConvex(polygon)) return [[...polygon]];
  const triangles = earcut(polygon.flatMap(({ x, y }) => [x, y]));
  return Array.from({ length: triangles.length / 3 }, (_, index) =>
    [0, 1, 2].map((corner) => polygon[triangles[3 * index + corner]!]!),
  );
}

/** How far two things made of convex pieces go into each other, mm: what the deepest pair does. Zero or negative when they touch or stand apart. */
export function deepestOverlap(a: readonly Polygon[], b: readonly Polygon[]): number {
  let deepest = -Infinity;
  for (const own of a) for (const other of b) deepest = Math.max(deepest, overlapDepth(own, other));
  return deepest;
}

/** Whether a polygon turns one way only. */
function isConvex(polygon: Polygon): boolean {
  const turns = polygon.map((at, index) => {
    const [before, after] = [polygon.at(index - 1)!, polygon[(index + 1) % polygon.length]!];
    return cross(subtract(at, before), subtract(after, at));
  });
  return turns.every((turn) => turn >= 0) || turns.every((turn) => turn <= 0);
}

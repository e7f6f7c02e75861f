import earcut from 'earcut';
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

/** Whether a polygon turns one way only. */
function isConvex(polygon: Polygon): boolean {
  const turns = polygon.map((at, index) => {
    const [before, after] = [polygon.at(index - 1)!, polygon[(index + 1) % polygon.length]!];
    return cross(subtract(at, before), subtract(after, at));
  });
  return turns.every((turn) => turn >= 0) || turns.every((turn) => turn <= 0);
}

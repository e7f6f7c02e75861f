import { dot, place, type Point } from '../geometry/point';
import { forEachEdge, type Polygon } from '../geometry/polygon';

/** What is shorter than this is no line, mm. */
const LEAST = 0.01;

/** Parallel lines within a polygon, at an angle (radians) and so far apart: where each crosses its edges, in pairs. */
export function hatchLines(polygon: Polygon, angle: number, apart: number): [Point, Point][] {
  const u = { x: Math.cos(angle), y: Math.sin(angle) };
  const n = { x: -u.y, y: u.x };
  const heights = polygon.map((point) => dot(point, n));
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const lines: [Point, Point][] = [];
  // Lines fall on a grid of the whole drawing, so that neighbours' hatches meet.
  for (let step = Math.ceil(low / apart); step * apart < high; step++) {
    const at = step * apart;
    const crossings: number[] = [];
    forEachEdge(polygon, (a, b) => {
      const [ha, hb] = [dot(a, n) - at, dot(b, n) - at];
      if (ha > 0 === hb > 0) return;
      crossings.push(dot(a, u) + ((dot(b, u) - dot(a, u)) * ha) / (ha - hb));
    });
    crossings.sort((a, b) => a - b);
    for (let i = 0; i + 1 < crossings.length; i += 2) {
      // A line of the grid may run through a corner: of rounding alone it is there or not.
      if (crossings[i + 1]! - crossings[i]! < LEAST) continue;
      lines.push([
        place({ x: 0, y: 0 }, u, crossings[i]!, n, at),
        place({ x: 0, y: 0 }, u, crossings[i + 1]!, n, at),
      ]);
    }
  }
  return lines;
}

import { dot, subtract, type Point } from '../../geometry/point';
import { forEachEdge, type Polygon } from '../../geometry/polygon';
import type { CutOut } from '../../surfaces/outline/cut-out';

/** A strip of a top along its front: from an origin on the edge along u, so deep towards the back, no longer than `most`, mm. */
export interface Strip {
  origin: Point;
  u: Point;
  back: Point;
  deep: number;
  most: number;
}

/** A hair that edges may lie within a strip, mm. */
const HAIR = 0.02;

/** How far along a strip a top covers all of its depth, mm: up to the first edge or cut-out that comes into it. */
export function coveredAlong(strip: Strip, outline: readonly Polygon[], cutOuts: readonly CutOut[]): number {
  let covered = strip.most;
  for (const ring of outline)
    forEachEdge(ring, (a, b) => {
      covered = Math.min(covered, comesInAt(strip, a, b, HAIR));
    });
  for (const { core, radius } of cutOuts)
    for (const at of core) {
      const { along, deep } = inStrip(strip, at);
      if (deep - radius < strip.deep - HAIR && deep + radius > HAIR && along + radius > HAIR)
        covered = Math.min(covered, Math.max(0, along - radius));
    }
  return Math.max(0, covered);
}

function inStrip({ origin, u, back }: Strip, point: Point): { along: number; deep: number } {
  const away = subtract(point, origin);
  return { along: dot(away, u), deep: dot(away, back) };
}

/** How far along the strip a segment first comes into it; Infinity where it does not. */
function comesInAt(strip: Strip, a: Point, b: Point, hair: number): number {
  const [p, q] = [inStrip(strip, a), inStrip(strip, b)];
  // The part of the segment within the depth of the strip, a hair off both its sides.
  let [from, to] = [0, 1];
  const rise = q.deep - p.deep;
  for (const [limit, sign] of [
    [hair, 1],
    [strip.deep - hair, -1],
  ] as const) {
    const [inA, inB] = [sign * (p.deep - limit), sign * (q.deep - limit)];
    if (inA <= 0 && inB <= 0) return Infinity;
    if (inA > 0 && inB > 0) continue;
    const share = (limit - p.deep) / rise;
    if (inA <= 0) from = Math.max(from, share);
    else to = Math.min(to, share);
  }
  if (from >= to) return Infinity;
  const along = [from, to].map((share) => p.along + (q.along - p.along) * share);
  const [nearest, farthest] = [Math.min(...along), Math.max(...along)];
  return farthest <= hair ? Infinity : Math.max(0, nearest);
}

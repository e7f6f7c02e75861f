import earcut from 'earcut';
import { clipHalfPlane } from '../geometry/convex';
import { add, cross, distance, dot, inward, scale, subtract, unit, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';

/** A ceiling: flat at one height, or sloped facets between the heights of the room's corners. Heights above the floor, mm. */
export type Ceiling = { flat: number } | { facets: readonly Facet[] };

/** A triangle of the outline, counter-clockwise, with the ceiling's height over each corner. */
interface Facet {
  corners: readonly [Point, Point, Point];
  heights: readonly [number, number, number];
}

/** The ceiling over an outline, given its height over each corner: over a plane it is that plane, else the facets of a triangulation. */
export function ceilingOver(outline: Polygon, heights: readonly number[]): Ceiling {
  const [first] = heights;
  if (heights.every((height) => height === first)) return { flat: first! };
  const triangles = earcut(outline.flatMap(({ x, y }) => [x, y]));
  const facets: Facet[] = [];
  for (let i = 0; i < triangles.length; i += 3) {
    const [a, b, c] = triangles.slice(i, i + 3) as [number, number, number];
    const turned = signedArea([outline[a]!, outline[b]!, outline[c]!]) < 0 ? [a, c, b] : [a, b, c];
    const [p, q, r] = turned as [number, number, number];
    facets.push({
      corners: [outline[p]!, outline[q]!, outline[r]!],
      heights: [heights[p]!, heights[q]!, heights[r]!],
    });
  }
  return { facets };
}

/** The lowest the ceiling comes over a convex polygon, mm; Infinity where the polygon is nowhere under it. */
export function headroom(ceiling: Ceiling, polygon: Polygon): number {
  if ('flat' in ceiling) return ceiling.flat;
  let lowest = Infinity;
  for (const facet of ceiling.facets) {
    let inside: readonly Point[] = polygon;
    facet.corners.forEach((corner, index) => {
      const next = facet.corners[(index + 1) % 3]!;
      const normal = scale(inward(unit(subtract(next, corner))), -1);
      inside = clipHalfPlane(inside, normal, dot(corner, normal));
    });
    if (inside.length < 3) continue;
    for (const point of inside) lowest = Math.min(lowest, heightOn(facet, point));
  }
  return lowest;
}

/** A plane that a ceiling lies in over some place: how high it is over the room's zero, and how much it rises with each mm along x and y. */
export interface CeilingPlane {
  height: number;
  rise: Point;
}

/** How high a plane is over a place, mm. */
export const heightIn = ({ height, rise }: CeilingPlane, at: Point): number => height + dot(rise, at);

/** The planes of a ceiling that come lower over a convex polygon than a height, each once. */
export function planesUnder(ceiling: Ceiling, polygon: Polygon, height: number): CeilingPlane[] {
  if ('flat' in ceiling) return ceiling.flat < height ? [{ height: ceiling.flat, rise: { x: 0, y: 0 } }] : [];
  const found: CeilingPlane[] = [];
  for (const facet of ceiling.facets) {
    if (headroom({ facets: [facet] }, polygon) >= height) continue;
    const zero = heightOn(facet, { x: 0, y: 0 });
    const rise = {
      x: heightOn(facet, { x: 1, y: 0 }) - zero,
      y: heightOn(facet, { x: 0, y: 1 }) - zero,
    };
    const isKnown = polygon.every((at) =>
      found.some((one) => Math.abs(heightIn(one, at) - heightIn({ height: zero, rise }, at)) < SAME),
    );
    if (!isKnown) found.push({ height: zero, rise });
  }
  return found;
}
const SAME = 1e-3;

/** A ceiling over a line in plan: how far along the line, and how high, mm, at its ends and wherever it changes its slope. */
export function ceilingAlong(ceiling: Ceiling, a: Point, b: Point): { along: number; height: number }[] {
  const whole = distance(a, b);
  if ('flat' in ceiling)
    return [
      { along: 0, height: ceiling.flat },
      { along: whole, height: ceiling.flat },
    ];
  const found = ceiling.facets.flatMap((facet) => {
    let [from, to] = [0, 1];
    facet.corners.forEach((corner, index) => {
      // Inside a counter-clockwise triangle is left of every edge.
      const edge = subtract(facet.corners[(index + 1) % 3]!, corner);
      const [at, by] = [cross(edge, subtract(a, corner)), cross(edge, subtract(b, a))];
      if (Math.abs(by) < 1e-9) {
        if (at < -1e-6) to = -1;
      } else if (by > 0) from = Math.max(from, -at / by);
      else to = Math.min(to, -at / by);
    });
    if ((to - from) * whole < 1e-3) return [];
    return [from, to].map((share) => ({
      along: share * whole,
      height: heightOn(facet, add(a, scale(subtract(b, a), share))),
    }));
  });
  return found
    .sort((p, q) => p.along - q.along)
    .filter(({ along }, index, all) => index === 0 || along - all[index - 1]!.along > 1e-3);
}

/** mm³ between floor and ceiling over an outline of this area, mm². */
export function volumeUnder(ceiling: Ceiling, area: number): number {
  if ('flat' in ceiling) return ceiling.flat * area;
  return ceiling.facets.reduce((sum, { corners, heights }) => {
    const mean = (heights[0] + heights[1] + heights[2]) / 3;
    return sum + mean * signedArea(corners);
  }, 0);
}

/** The height of a facet's plane over a point (barycentric coordinates). */
function heightOn({ corners: [a, b, c], heights }: Facet, point: Point): number {
  const whole = cross(subtract(b, a), subtract(c, a));
  const toB = cross(subtract(point, a), subtract(c, a)) / whole;
  const toC = cross(subtract(b, a), subtract(point, a)) / whole;
  return heights[0] * (1 - toB - toC) + heights[1] * toB + heights[2] * toC;
}

import { Clipper, FillRule, type Paths64 } from 'clipper2-ts';
import type { Polygon } from './polygon';
import type { Point } from './point';

/** Several rings: outlines counter-clockwise, holes clockwise. Computed on integer micrometres, so right to 0.001 mm. */
export type Region = Point[][];

const PER_MM = 1000;

export const union = (polygons: readonly Polygon[]): Region =>
  from(Clipper.union(to(polygons), [], FillRule.NonZero));
export const intersect = (a: readonly Polygon[], b: readonly Polygon[]): Region =>
  from(Clipper.intersect(to(a), to(b), FillRule.NonZero));
export const without = (a: readonly Polygon[], b: readonly Polygon[]): Region =>
  from(Clipper.difference(to(a), to(b), FillRule.NonZero));

/** Clipper takes floats silently and answers wrongly, so every number is rounded here; rings are turned counter-clockwise for the non-zero rule. */
function to(polygons: readonly Polygon[]): Paths64 {
  return polygons.map((polygon) => {
    const path = polygon.map(({ x, y }) => ({ x: Math.round(x * PER_MM), y: Math.round(y * PER_MM) }));
    return Clipper.area(path) < 0 ? path.reverse() : path;
  });
}

function from(paths: Paths64): Region {
  return paths.map((path) => path.map(({ x, y }) => ({ x: x / PER_MM, y: y / PER_MM })));
}

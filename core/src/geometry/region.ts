// The engine alone: with what the package gives besides, its index, a page would load twice as much of it.
import { ClipType, FillRule, PathType, type Paths64 } from 'clipper2-ts/dist/Core.js';
import { Clipper64 } from 'clipper2-ts/dist/Engine.js';
import { signedArea, type Polygon } from './polygon';
import type { Point } from './point';

/** Several rings: outlines counter-clockwise, holes clockwise. Computed on integer micrometres, so right to 0.001 mm. */
export type Region = Point[][];

const PER_MM = 1000;

/** All that lies in one of some polygons or more, whichever way round they are walked. */
export const union = (polygons: readonly Polygon[]): Region =>
  from(clipped(ClipType.Union, to(polygons), []));

/** What lies in one of some polygons or more, whichever way round they are walked, and within an outline. */
export const unionWithin = (polygons: readonly Polygon[], outline: Polygon): Region =>
  from(clipped(ClipType.Intersection, to(polygons), to([outline])));

/** What lies in a region, its holes left out, and in one of some polygons. */
export const intersect = (region: readonly Polygon[], polygons: readonly Polygon[]): Region =>
  from(clipped(ClipType.Intersection, withHoles(region), to(polygons)));

/** What lies in a region, its holes left out, and in none of some polygons. */
export const without = (region: readonly Polygon[], polygons: readonly Polygon[]): Region =>
  from(clipped(ClipType.Difference, withHoles(region), to(polygons)));

function clipped(type: ClipType, subject: Paths64, clip: Paths64, rule = FillRule.NonZero): Paths64 {
  const engine = new Clipper64();
  engine.addPaths(subject, PathType.Subject);
  engine.addPaths(clip, PathType.Clip);
  const solution: Paths64 = [];
  engine.execute(type, rule, solution);
  return solution;
}

/** A ring within another is a hole of it. */
function withHoles(region: readonly Polygon[]): Paths64 {
  const paths = to(region);
  return paths.length > 1 ? clipped(ClipType.Union, paths, [], FillRule.EvenOdd) : paths;
}

/** Clipper takes floats silently and answers wrongly, so every number is rounded here; rings are turned counter-clockwise for the non-zero rule. */
function to(polygons: readonly Polygon[]): Paths64 {
  return polygons.flatMap((polygon) => {
    const path = withoutSpikes(
      polygon.map(({ x, y }) => ({ x: Math.round(x * PER_MM), y: Math.round(y * PER_MM) })),
    );
    if (path.length === 0) return [];
    return [signedArea(path) < 0 ? path.reverse() : path];
  });
}

/** A ring without corners at which it turns straight back, which enclose nothing: on some of those the engine goes round for ever. Nothing of a ring that is all of them. */
function withoutSpikes(path: readonly Point[]): Point[] {
  const kept: Point[] = [];
  for (const at of path) {
    while (kept.length > 1 && isSpike(kept.at(-2)!, kept.at(-1)!, at)) kept.pop();
    kept.push(at);
  }
  let from = 0;
  while (kept.length - from > 2) {
    if (isSpike(kept.at(-2)!, kept.at(-1)!, kept[from]!)) kept.pop();
    else if (isSpike(kept.at(-1)!, kept[from]!, kept[from + 1]!)) from += 1;
    else return kept.slice(from);
  }
  return [];
}

/** Whether one goes straight back at a corner, or nowhere from it or to it. */
function isSpike(before: Point, at: Point, after: Point): boolean {
  const [ux, uy, vx, vy] = [at.x - before.x, at.y - before.y, after.x - at.x, after.y - at.y];
  return ux * vy === uy * vx && ux * vx + uy * vy <= 0;
}

function from(paths: Paths64): Region {
  return paths.map((path) => path.map(({ x, y }) => ({ x: x / PER_MM, y: y / PER_MM })));
}

import { cross, subtract, type Point } from '../geometry/point';
import { boundsCorners, type Polygon } from '../geometry/polygon';
import { drawingBounds } from './plan-with';
import type { ArcMark, PathMark, Primitive, TextMark } from './primitives';

/** An arc that is cut is drawn as strokes of so much of a turn each, radians. */
const STEP = Math.PI / 36;

/**
 * What of a drawing lies within a convex outline that goes round counter-clockwise, mm: lines end at it, grounds are cut along it, and
 * words stay where the whole of them, and what a figure measures, lies inside. The marks themselves where nothing of them is cut.
 */
export function clippedTo(marks: readonly Primitive[], outline: Polygon, scale: number): Primitive[] {
  return marks.flatMap((mark): Primitive[] => {
    switch (mark.type) {
      case 'text':
        return isWhole(mark, outline, scale) ? [mark] : [];
      case 'arc':
        return clippedArc(mark, outline, scale);
      case 'path':
        return clippedPath(mark, outline);
    }
  });
}

/** How far to the left of a side of an outline a place lies, as an area. */
const sideOf = (a: Point, b: Point, at: Point): number => cross(subtract(b, a), subtract(at, a));

const isInside = (outline: Polygon, at: Point): boolean =>
  outline.every((a, index) => sideOf(a, outline[(index + 1) % outline.length]!, at) >= -1e-9);

function isWhole(mark: TextMark, outline: Polygon, scale: number): boolean {
  const corners = boundsCorners(drawingBounds([mark], scale));
  return [...corners, ...(mark.measured?.line ?? [])].every((corner) => isInside(outline, corner));
}

function clippedArc(arc: ArcMark, outline: Polygon, scale: number): Primitive[] {
  const box = boundsCorners(drawingBounds([arc], scale));
  if (box.every((corner) => isInside(outline, corner))) return [arc];
  const { centre, radius, from, sweep, weight, ink, dash, fill, layer, source } = arc;
  const count = Math.max(2, Math.ceil(Math.abs(sweep) / STEP));
  const points = Array.from({ length: count + 1 }, (_, index): Point => {
    const angle = from + (sweep * index) / count;
    return { x: centre.x + radius * Math.cos(angle), y: centre.y + radius * Math.sin(angle) };
  });
  const path: PathMark = {
    ...{ type: 'path', layer, rings: [points], closed: false, weight, ink },
    ...(source !== undefined && { source }),
    ...(arc.ofDimensions && { ofDimensions: true }),
    ...(dash && { dash }),
    ...(fill && { fill }),
  };
  return clippedPath(path, outline);
}

function clippedPath(path: PathMark, outline: Polygon): Primitive[] {
  if (path.rings.every((ring) => ring.every((at) => isInside(outline, at)))) return [path];
  const { fill, ...unfilled } = path;
  const grounds = fill
    ? path.rings.map((ring) => clippedRing(ring, outline)).filter((ring) => ring.length > 2)
    : [];
  const lines =
    path.weight > 0
      ? path.rings.flatMap((ring) => clippedLine(path.closed ? [...ring, ring[0]!] : ring, outline))
      : [];
  return [
    ...(fill && grounds.length > 0 ? [{ ...path, rings: grounds, closed: true, weight: 0 }] : []),
    ...(lines.length > 0 ? [{ ...unfilled, rings: lines, closed: false }] : []),
  ];
}

/** A ring cut along an outline, side by side. */
function clippedRing(ring: readonly Point[], outline: Polygon): Point[] {
  let kept = [...ring];
  for (const [index, a] of outline.entries()) {
    const b = outline[(index + 1) % outline.length]!;
    const before = kept;
    kept = before.flatMap((at, place) => {
      const next = before[(place + 1) % before.length]!;
      const [here, there] = [sideOf(a, b, at), sideOf(a, b, next)];
      const crossing = here >= 0 === there >= 0 ? [] : [between(at, next, here / (here - there))];
      return here >= 0 ? [at, ...crossing] : crossing;
    });
  }
  return kept;
}

/** The stretches of an open line within an outline. */
function clippedLine(line: readonly Point[], outline: Polygon): Point[][] {
  const stretches: Point[][] = [];
  for (let index = 0; index + 1 < line.length; index++) {
    const [a, b] = [line[index]!, line[index + 1]!];
    const [from, to] = within(a, b, outline);
    if (to <= from) continue;
    const last = stretches.at(-1)?.at(-1);
    const start = from === 0 ? a : between(a, b, from);
    const end = to === 1 ? b : between(a, b, to);
    if (from === 0 && last === a) stretches.at(-1)!.push(end);
    else stretches.push([start, end]);
  }
  return stretches;
}

/** From where to where a segment is within an outline, as shares of it; nothing where the second is no more than the first. */
function within(a: Point, b: Point, outline: Polygon): [from: number, to: number] {
  let [from, to] = [0, 1];
  for (const [index, c] of outline.entries()) {
    const d = outline[(index + 1) % outline.length]!;
    const [atA, atB] = [sideOf(c, d, a), sideOf(c, d, b)];
    if (atA >= 0 && atB >= 0) continue;
    if (atA < 0 && atB < 0) return [0, 0];
    if (atA < 0) from = Math.max(from, atA / (atA - atB));
    else to = Math.min(to, atA / (atA - atB));
  }
  return [from, to];
}

const between = (a: Point, b: Point, share: number): Point => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});

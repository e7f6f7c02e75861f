import { perDesign, type Design } from '../document/design';
import type { UnderlayRecord } from '../document/records';
import {
  add,
  cross,
  direction,
  distance,
  dot,
  inward,
  place,
  scale,
  subtract,
  type Point,
} from '../geometry/point';
import type { Segment } from '../geometry/polygon';
import { fixedThings } from './fixed-things';
import { facePath, projectOn, type PlacedFace } from './placed-face';
import { roomShape } from './room-shape';

/** What a pointed place is drawn to. */
export type PlaceCatch = 'corner' | 'end' | 'face' | 'level' | 'line';

/** What places of a room can be drawn to: points, and lines. */
export interface SnapTargets {
  points: readonly { at: Point; caught: PlaceCatch }[];
  lines: readonly (Segment & { caught: PlaceCatch })[];
}

/** The corners of the room and of what is built into it, and the faces. */
export const roomTargets: (design: Design) => SnapTargets = perDesign((design) => {
  const { corners, faces } = roomShape(design);
  const built = fixedThings(design).flatMap(({ footprint, circle }) => (circle ? [] : footprint));
  return {
    points: [...corners, ...built].map((at) => ({ at, caught: 'corner' })),
    lines: faces.flatMap((face) => segmentsOf(facePath(face)).map((one) => ({ ...one, caught: 'face' }))),
  };
});

/** The ends and lines of an underlay. */
export function lineTargets(segments: readonly Segment[]): SnapTargets {
  return {
    points: segments.flatMap(({ a, b }) => [a, b].map((at) => ({ at, caught: 'end' as const }))),
    lines: segments.map((one) => ({ ...one, caught: 'line' })),
  };
}

/** Lines of an underlay's picture, in its pixels, where they lie in the room, mm. */
export function underlaySegments(
  { x, y, turn, mmPerPixel }: UnderlayRecord,
  pixels: readonly Segment[],
): Segment[] {
  const u = direction(turn);
  const at = (pixel: Point) => place({ x, y }, u, pixel.x * mmPerPixel, inward(u), pixel.y * mmPerPixel);
  return pixels.map(({ a, b }) => ({ a: at(a), b: at(b) }));
}

/**
 * Where a pointed place is drawn to within `near` mm: the nearest point, else the nearest line, else level with earlier
 * places along or square to the room's first face; what is free of it goes to a whole number of `grain` mm.
 */
export function snapPlace(
  targets: readonly SnapTargets[],
  pointed: Point,
  near: number,
  earlier: readonly Point[] = [],
  grain = 0,
): { at: Point; caught: PlaceCatch | null } {
  let best: { at: Point; caught: PlaceCatch | null } = { at: pointed, caught: null };
  let least = near;
  const consider = (at: Point, caught: PlaceCatch) => {
    const off = distance(at, pointed);
    if (off >= least) return;
    least = off;
    best = { at, caught };
  };
  for (const { points } of targets) for (const { at, caught } of points) consider(at, caught);
  if (best.caught) return best;
  for (const { lines } of targets)
    for (const { a, b, caught } of lines) {
      const on = nearestOn(a, b, pointed);
      if (on) consider(on, caught);
    }
  if (best.caught) return best;
  const x = level(
    pointed.x,
    earlier.map((place) => place.x),
    near,
  );
  const y = level(
    pointed.y,
    earlier.map((place) => place.y),
    near,
  );
  const free = (value: number) => (grain > 0 ? Math.round(value / grain) * grain : value);
  const at = { x: x ?? free(pointed.x), y: y ?? free(pointed.y) };
  return { at, caught: x === null && y === null ? null : 'level' };
}

/** The nearest of some values to one, within `near`. */
function level(value: number, others: readonly number[], near: number): number | null {
  const [nearest] = [...others].sort((a, b) => Math.abs(a - value) - Math.abs(b - value));
  return nearest !== undefined && Math.abs(nearest - value) < near ? nearest : null;
}

/** Lines that differ in direction by less than this run along a face, as the sine of the angle. */
const ALONG = Math.sin((0.5 * Math.PI) / 180);

/** How far outwards a face moves to lie on a line near to where it is wanted, mm; null where none runs along it within `near` mm. */
export function faceToLine(
  face: PlacedFace,
  segments: readonly Segment[],
  wanted: number,
  near: number,
): number | null {
  let best: number | null = null;
  for (const { a, b } of segments) {
    const way = subtract(b, a);
    const size = Math.hypot(way.x, way.y);
    if (size < 1 || Math.abs(cross(face.u, way)) > ALONG * size) continue;
    const [from, to] = [a, b].map((end) => dot(subtract(end, face.start), face.u)).sort((p, q) => p - q) as [
      number,
      number,
    ];
    if (to < 0 || from > face.chord) continue;
    const by = -(dot(subtract(a, face.start), face.n) + dot(subtract(b, face.start), face.n)) / 2;
    if (Math.abs(by - wanted) < Math.min(near, best === null ? near : Math.abs(best - wanted))) best = by;
  }
  return best;
}

/** How far off a face, mm, the end of a line may be and still mark a place on it. */
const BESIDE = 50;

/** How far what stands along a face moves so that one of its edges, mm along the face, comes to the end of a line in the wall or beside it; null where no end is within `near` mm. */
export function edgeToLine(
  face: PlacedFace,
  segments: readonly Segment[],
  edges: readonly number[],
  near: number,
): number | null {
  let best: number | null = null;
  for (const end of segments.flatMap(({ a, b }) => [a, b])) {
    const { along, out } = projectOn(face, end);
    if (out > BESIDE || out < -face.thickness - BESIDE) continue;
    for (const edge of edges) {
      const by = along - edge;
      if (Math.abs(by) < (best === null ? near : Math.abs(best))) best = by;
    }
  }
  return best;
}

/** The nearest place of a segment to a point, where it lies beside the segment. */
function nearestOn(a: Point, b: Point, point: Point): Point | null {
  const way = subtract(b, a);
  const size = dot(way, way);
  const share = size === 0 ? -1 : dot(subtract(point, a), way) / size;
  return share < 0 || share > 1 ? null : add(a, scale(way, share));
}

function segmentsOf(path: readonly Point[]): Segment[] {
  return path.slice(1).map((b, i) => ({ a: path[i]!, b }));
}

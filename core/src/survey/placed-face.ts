import type { FacePlace, FaceRecord } from '../document/records';
import { arcBetween, arcDepth, arcLength, chordsFor, onArc, type Arc } from '../geometry/arc';
import { distance, dot, inward, length, place, scale, subtract, type Point } from '../geometry/point';
import { wrapAngle } from '../units/angles';
import { quantise } from '../units/units';

/** A face with its computed place: u runs left to right as seen from inside, n points into the room. */
export interface PlacedFace {
  id: string;
  /** A, B, C … in walking order. */
  letter: string;
  start: Point;
  end: Point;
  /** Along the straight line between its ends, and square to it into the room. */
  u: Point;
  n: Point;
  /** Direction of u, radians. */
  turn: number;
  /** True length from corner to corner, mm (the given one, or what follows from the others). */
  chord: number;
  /** Length along it, mm: that of the arc of a bent face, else the same. */
  length: number;
  /** Of a bent face. */
  arc: Arc | null;
  /** Inside angle at the start, to the straight lines between the corners, radians. */
  corner: number;
  /** Of the wall behind it, linings included, mm. */
  thickness: number;
  /** Height of the ceiling over its left and right end, mm. */
  ceiling: readonly [number, number];
  /** Height of a half wall, mm; null for one that goes up to the ceiling. */
  wallHeight: number | null;
  record: FaceRecord;
}

/** A place on a face and the directions there: u along it, n into the room. */
export interface FaceFrame {
  at: Point;
  u: Point;
  n: Point;
}

/** The line a face runs along: its straight or bent way from one corner to the other. */
export function faceLine(
  start: Point,
  end: Point,
  bend = 0,
): Pick<PlacedFace, 'start' | 'end' | 'u' | 'n' | 'turn' | 'chord' | 'length' | 'arc'> {
  const chord = distance(start, end);
  const u = scale(subtract(end, start), 1 / chord);
  return {
    start,
    end,
    u,
    n: inward(u),
    turn: Math.atan2(u.y, u.x),
    chord,
    length: arcLength(chord, bend),
    arc: bend === 0 ? null : arcBetween(start, end, bend),
  };
}

/** Half walls lower than this are seen from above rather than cut by the plan, mm. */
const CUT_HEIGHT = 1_200;

/** Whether a face is that of a wall so low that a plan does not cut it. */
export function isLow({ wallHeight }: PlacedFace): boolean {
  return wallHeight !== null && wallHeight < CUT_HEIGHT;
}

type Line = Pick<PlacedFace, 'start' | 'u' | 'n' | 'length' | 'arc'>;

/** The place so far along a face from its left end, mm, and the directions there. */
export function frameAt({ start, u, n, length, arc }: Line, along: number): FaceFrame {
  if (!arc) return { at: place(start, u, along, n, 0), u, n };
  const at = onArc(arc, along / length);
  const out = scale(subtract(at, arc.centre), 1 / arc.radius);
  // Walking clockwise round the centre the inside of the room is towards it, else away from it.
  const into = scale(out, arc.sweep < 0 ? -1 : 1);
  return { at, u: { x: -into.y, y: into.x }, n: into };
}

/** The place so far along a face and so far off it into the room, mm. */
export function facePoint(face: Line, along: number, out = 0): Point {
  const { at, n } = frameAt(face, along);
  return place(at, n, out, n, 0);
}

/** Where a place on a face is in the room. */
export function atFacePlace(face: PlacedFace, { from, distance }: Omit<FacePlace, 'face'>): Point {
  return facePoint(face, from === 'left' ? distance : face.length - distance);
}

/** How far along a face a place stands, from its left end, and how far off it into the room, mm. */
export function projectOn(face: Line, point: Point): { along: number; out: number } {
  const { arc, start, u, n } = face;
  if (!arc) {
    const off = subtract(point, start);
    return { along: dot(off, u), out: dot(off, n) };
  }
  const off = subtract(point, arc.centre);
  return { along: alongArc(face, Math.atan2(off.y, off.x)), out: inArc(arc, length(off)) };
}

/** Where a face is met straight across from a place, square to the line between its ends, mm along it; null past its ends, and on a face bent past a half circle. */
export function acrossFrom(face: PlacedFace, point: Point): number | null {
  const { arc, start, u, n, chord, record } = face;
  const along = dot(subtract(point, start), u);
  if (!arc || along < 0 || along > chord) return along < 0 || along > chord ? null : along;
  if (2 * Math.abs(record.bend!) > chord) return null;
  const off = along - chord / 2;
  const rise = Math.sqrt(arc.radius ** 2 - off ** 2) - Math.sqrt(arc.radius ** 2 - (chord / 2) ** 2);
  return projectOn(face, place(start, u, along, n, -Math.sign(record.bend!) * rise)).along;
}

/** Where on a bent face a direction from its centre falls, mm from its left end; the middle of the face is where it is nearest. */
export function alongArc({ arc, length }: Line, angle: number): number {
  const { from, sweep } = arc!;
  return length * (0.5 + wrapAngle(angle - (from + sweep / 2)) / sweep);
}

/** How far from the centre of a bent face something stands that is so far off it into the room, mm. */
export function fromCentre({ radius, sweep }: Arc, out: number): number {
  return sweep < 0 ? radius - out : radius + out;
}

/** How far into the room, off a bent face, something stands at a distance from its centre, mm. */
export function inArc({ radius, sweep }: Arc, away: number): number {
  return sweep < 0 ? radius - away : away - radius;
}

/** The way along a face between two places on it, so far off it into the room (negative: behind it): two ends, or a line of chords. */
export function facePath(face: Line, from = 0, to = face.length, out = 0): Point[] {
  const { arc, length } = face;
  if (!arc) return [facePoint(face, from, out), facePoint(face, to, out)];
  const reach = Math.max(0, fromCentre(arc, out));
  const outside = reach - arc.radius;
  const chords = chordsFor(reach, (arc.sweep * (to - from)) / length);
  return Array.from({ length: chords + 1 }, (_, i) =>
    onArc(arc, (from + ((to - from) * i) / chords) / length, outside),
  );
}

/** How much of a face a thing of some width takes that stands with its back to it, mm: more than its width on a bent face, where its front or its back corners come nearer to the centre. With a gap, mm, so much that the next one is as far off where the two come nearest. Infinite where it does not fit. */
export function spanOf({ arc }: Pick<PlacedFace, 'arc'>, width: number, depth = 0, gap = 0): number {
  if (!arc) return width + gap;
  // The corners that come nearest lie so far from the centre, and half the gap off the line half way to the next one.
  const out = arc.sweep > 0 ? arc.radius : arc.radius - backOff({ arc }, width) - depth;
  const half = width / 2;
  if (out <= 0) return Infinity;
  return 2 * arc.radius * (Math.atan2(half, out) + Math.asin(gap / 2 / Math.hypot(half, out)));
}

/** How wide a thing of some depth may be that takes so much of a face, mm: what `spanOf` takes back, found by halving on a bent face; 0 where none fits. */
export function widthIn(face: Pick<PlacedFace, 'arc'>, span: number, depth: number): number {
  if (!face.arc) return span;
  // Where it bends into the room what touches it with its middle is wider than that.
  let [low, high] = [0, 2 * span];
  while (high - low > 1e-7) {
    const width = (low + high) / 2;
    if (spanOf(face, width, depth) <= span) low = width;
    else high = width;
  }
  return low;
}

/** How far the back of a thing of some width stands off a bent face, mm: with both back corners on it where the face bends out of the room, touching it with its middle where it bends in. */
export function backOff({ arc }: Pick<PlacedFace, 'arc'>, width: number): number {
  return !arc || arc.sweep > 0 ? 0 : arcDepth(width, arc.radius, false);
}

/** Area between a bent face and the straight line between its ends, mm²; negative where it bends into the room. */
export function bendArea({ arc }: Pick<PlacedFace, 'arc'>): number {
  if (!arc) return 0;
  const turned = Math.abs(arc.sweep);
  return (-Math.sign(arc.sweep) * arc.radius * arc.radius * (turned - Math.sin(turned))) / 2;
}

/** The record of a face as it is bent when it is so long a part of the arc of another, mm along it; straight where that one is. */
export function bentAs({ arc }: Pick<PlacedFace, 'arc'>, record: FaceRecord, along: number): FaceRecord {
  const after = { ...record };
  delete after.bend;
  if (!arc) return after;
  const depth = arc.radius * (1 - Math.cos(along / arc.radius / 2));
  return { ...after, bend: quantise(-Math.sign(arc.sweep) * depth) };
}

/** How high a wall stands at a place along its face, mm. */
export function wallHeightAt(
  { ceiling: [left, right], length, wallHeight }: PlacedFace,
  along: number,
): number {
  return wallHeight ?? left + ((right - left) * along) / length;
}

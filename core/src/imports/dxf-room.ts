import { cross, distance, dot, length, subtract, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import type { WalkedFace } from '../survey/walk';
import { dxfLines } from './dxf-lines';

/** Ends nearer than this are one, mm. */
const CLOSED = 1;
/** A corner that bends by less than this is none, radians. */
const STRAIGHT = 1e-3;
/** Sides that turn by less than this from one to the next may be steps of an arc, radians; so many make one. */
const STEP = 0.2;
const LEAST_STEPS = 4;

/**
 * The room a DXF drawing shows: its largest closed polyline, as a walk along its faces. `unit` is millimetres a drawing unit, for
 * a drawing that does not say. Refused when there is no closed polyline.
 */
export function dxfRoom(text: string, unit: number): Result<WalkedFace[]> {
  const drawing = dxfLines(text);
  if (!drawing.ok) return drawing;
  const size = drawing.value.mmPerUnit ?? unit;
  const loops = drawing.value.lines
    .map((line) => line.map(({ x, y }) => ({ x: x * size, y: y * size })))
    .filter((line) => line.length > 3 && distance(line[0]!, line.at(-1)!) < CLOSED)
    .map((line) => cornersOf(line.slice(0, -1)))
    .filter((corners) => corners.length >= 3)
    .sort((a, b) => Math.abs(signedArea(b)) - Math.abs(signedArea(a)));
  const [corners] = loops;
  if (!corners) return refuse('dxf-unreadable', { reason: 'no-outline' });
  return ok(walkOf(corners));
}

/** The corners of a loop, without doubles and without places in the middle of a straight side. */
function cornersOf(places: readonly Point[]): Point[] {
  const single = places.filter((place, index) => distance(place, places.at(index - 1)!) > CLOSED);
  return single.filter((_, index) => Math.abs(turnAt(single, index)) > STRAIGHT);
}

/** By how much a loop turns at a corner, radians, positive to the left. */
function turnAt(loop: readonly Point[], index: number): number {
  const at = loop[index]!;
  const before = subtract(at, loop.at(index - 1)!);
  const after = subtract(loop[(index + 1) % loop.length]!, at);
  return Math.atan2(cross(before, after), dot(before, after));
}

/** The faces of a loop: its sides, and one bent face for each row of short sides that an arc was drawn with. */
function walkOf(loop: readonly Point[]): WalkedFace[] {
  const count = loop.length;
  const turns = loop.map((_, index) => turnAt(loop, index));
  const side = (index: number) => distance(loop[index % count]!, loop[(index + 1) % count]!);
  /** Whether the sides before and after a corner are steps of one arc. */
  const onArc = (index: number) =>
    Math.abs(turns[index]!) < STEP && Math.abs(side(index + count - 1) - side(index)) < CLOSED * 0.1;
  const start = Math.max(
    0,
    turns.findIndex((_, index) => !onArc(index)),
  );
  const faces: WalkedFace[] = [];
  for (let at = 0; at < count;) {
    const first = (start + at) % count;
    let steps = 1;
    while (at + steps < count && onArc((first + steps) % count)) steps += 1;
    const taken = steps >= LEAST_STEPS ? steps : 1;
    const along = subtract(loop[(first + taken) % count]!, loop[first]!);
    const face = { length: length(along), heading: Math.atan2(along.y, along.x), typed: true };
    faces.push(
      taken === 1 ? face : { ...face, bend: bendOf(turns[(first + 1) % count]!, side(first), taken) },
    );
    at += taken;
  }
  return faces;
}

/** How far an arc of so many equal steps stands off its chord to the left, mm: it turns to the other side. */
function bendOf(turn: number, step: number, steps: number): number {
  const radius = step / (2 * Math.sin(Math.abs(turn) / 2));
  return -Math.sign(turn) * radius * (1 - Math.cos((Math.abs(turn) * steps) / 2));
}

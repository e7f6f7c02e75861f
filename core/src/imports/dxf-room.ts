import { distance, subtract, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import type { WalkedFace } from '../survey/walk';
import { dxfLines } from './dxf-lines';

/** Ends nearer than this are one, mm. */
const CLOSED = 1;
/** A corner that bends by less than this is none, radians. */
const STRAIGHT = 1e-3;

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
  if (!corners) return refuse('dxf-unreadable', { reason: 'it has no closed polyline to take as the room' });
  return ok(
    corners.map((corner, index) => {
      const along = subtract(corners[(index + 1) % corners.length]!, corner);
      return { length: Math.hypot(along.x, along.y), heading: Math.atan2(along.y, along.x), typed: true };
    }),
  );
}

/** The corners of a loop, without doubles and without places in the middle of a straight side. */
function cornersOf(places: readonly Point[]): Point[] {
  const single = places.filter((place, index) => distance(place, places.at(index - 1)!) > CLOSED);
  return single.filter((place, index) => {
    const before = subtract(place, single.at(index - 1)!);
    const after = subtract(single[(index + 1) % single.length]!, place);
    const turn = Math.atan2(before.x * after.y - before.y * after.x, before.x * after.x + before.y * after.y);
    return Math.abs(turn) > STRAIGHT;
  });
}

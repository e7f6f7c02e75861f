import { dot, inward, scale, subtract, unit, type Point } from '../geometry/point';
import { wrapAngle } from '../units/angles';

/** The frame a room is placed in: its first corner is the origin, its first face runs along +x. */
export interface Datum {
  origin: Point;
  u: Point;
  turn: number;
}

export function datumOf(outline: readonly Point[]): Datum {
  const u = unit(subtract(outline[1]!, outline[0]!));
  return { origin: outline[0]!, u, turn: Math.atan2(u.y, u.x) };
}

/** A place as seen in a datum. */
export function inDatum({ origin, u }: Datum, point: Point): Point {
  const off = subtract(point, origin);
  return { x: dot(off, u), y: dot(off, scale(inward(u), -1)) };
}

/** A direction as seen in a datum, radians. */
export const turnInDatum = ({ turn }: Datum, angle: number): number => wrapAngle(angle - turn);

/** Whether a datum is the one the room is in already. */
export const isSame = ({ origin, turn }: Datum): boolean => origin.x === 0 && origin.y === 0 && turn === 0;

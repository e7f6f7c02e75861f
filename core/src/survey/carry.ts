import { factsOf } from '../document/kinds';
import type { DesignRecord } from '../document/records';
import { add, type Point } from '../geometry/point';
import { quantise } from '../units/units';
import { inDatum, isSame, turnInDatum, type Datum } from './datum';

/** How a record is carried: a place of the room, and a direction in it, into another frame. */
interface Carrier {
  place(point: Point): Point;
  turn(angle: number): number;
}

/** A record carried to where its places and directions in plan go; the same object where it has none of its own. What is on a face goes with it. */
function carriedBy<R extends DesignRecord>(record: R, carrier: Carrier): R {
  const { inPlan, directions } = factsOf(record.kind);
  const change: Record<string, unknown> = {};
  if (inPlan) Object.assign(change, standing(record as unknown as Standing, carrier));
  if ('placement' in record && record.placement.on === 'floor')
    change['placement'] = { ...record.placement, ...standing(record.placement, carrier) };
  for (const field of directions) {
    const angle = (record as unknown as Record<string, number | undefined>)[field] ?? 0;
    const turned = carrier.turn(angle);
    if (turned !== angle) change[field] = turned;
  }
  return Object.keys(change).length > 0 ? { ...record, ...change } : record;
}

type Standing = Point & { turn: number };

function standing({ x, y, turn }: Standing, carrier: Carrier): Standing {
  const at = carrier.place({ x, y });
  return { x: quantise(at.x), y: quantise(at.y), turn: carrier.turn(turn) };
}

/** A record as it is in the frame of another datum. */
export function carried<R extends DesignRecord>(record: R, datum: Datum): R {
  if (isSame(datum)) return record;
  return carriedBy(record, {
    place: (point) => inDatum(datum, point),
    turn: (angle) => turnInDatum(datum, angle),
  });
}

/** A record moved within the room. */
export function shifted<R extends DesignRecord>(record: R, by: Point): R {
  return carriedBy(record, { place: (point) => add(point, by), turn: (angle) => angle });
}

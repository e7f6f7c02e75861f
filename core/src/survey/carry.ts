import type { DesignRecord, FloorPlacement, Placement, RecordKind } from '../document/records';
import { add, type Point } from '../geometry/point';
import { quantise } from '../units/units';
import { inDatum, isSame, turnInDatum, type Datum } from './datum';

type OfKind<K extends RecordKind> = Extract<DesignRecord, { kind: K }>;
/** How a record is carried: a place of the room, and a direction in it, into another frame. */
interface Carrier {
  place<P extends Point>(point: P): P;
  turn(angle: number): number;
}

const placed = <R extends { placement: Placement }>(record: R, carrier: Carrier): R => {
  if (record.placement.on !== 'floor') return record;
  const at: FloorPlacement = carrier.place(record.placement);
  return { ...record, placement: { ...at, turn: carrier.turn(at.turn) } };
};
const turned = <R extends Point & { turn: number }>(record: R, { place, turn }: Carrier): R => {
  const at = place(record);
  return { ...at, turn: turn(at.turn) };
};
const stays = <R>(record: R): R => record;

/** What becomes of each kind of record when the room is seen in another frame: what has a place in the room is carried, what is on a face goes with it. */
const carriers: { [K in RecordKind]: (record: OfKind<K>, carrier: Carrier) => OfKind<K> } = {
  divider: stays,
  face: stays,
  fixed: placed,
  item: placed,
  'left-open': stays,
  loop: stays,
  measurement: stays,
  opening: stays,
  range: stays,
  // North is counted from the top of the plan, and so turns with the room.
  room: (record, { turn }) => {
    const north = turn(record.north ?? 0);
    return north === (record.north ?? 0) ? record : { ...record, north };
  },
  section: stays,
  service: placed,
  standpoint: turned,
  underlay: turned,
};

/** A record carried to where its places and directions go; the same object where it has none of its own. */
function carriedBy<R extends DesignRecord>(record: R, carrier: Carrier): R {
  return (carriers[record.kind] as unknown as (record: R, carrier: Carrier) => R)(record, carrier);
}

/** A record as it is in the frame of another datum. */
export function carried<R extends DesignRecord>(record: R, datum: Datum): R {
  if (isSame(datum)) return record;
  return carriedBy(record, {
    place: (point) => stored(point, inDatum(datum, point)),
    turn: (angle) => turnInDatum(datum, angle),
  });
}

/** A record moved within the room. */
export function shifted<R extends DesignRecord>(record: R, by: Point): R {
  return carriedBy(record, { place: (point) => stored(point, add(point, by)), turn: (angle) => angle });
}

function stored<P extends Point>(point: P, { x, y }: Point): P {
  return { ...point, x: quantise(x), y: quantise(y) };
}

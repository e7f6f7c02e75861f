import { perDesign, recordsOf, roomOf, type Design } from '../document/design';
import type { DividerRecord, FacePlace } from '../document/records';
import type { Point } from '../geometry/point';
import { perimeter, signedArea } from '../geometry/polygon';
import { splitPolygon } from '../geometry/split-polygon';
import { ok, refuse, type Result } from '../result';
import { atFacePlace } from './placed-face';
import { placeName } from './face-letters';
import { roomShape } from './room-shape';

/** A part of an open plan: its name, outline (clockwise) and measures, mm² and mm. */
export interface Zone {
  name: string;
  /** The line that parts it from the rest; null for the room's own part. */
  divider: string | null;
  outline: readonly Point[];
  area: number;
  perimeter: number;
}

/** A dividing line with its computed ends. */
export interface PlacedDivider {
  record: DividerRecord;
  from: Point;
  to: Point;
}

/** Every dividing line with its ends, in the order of their ids. */
export const placedDividers: (design: Design) => readonly PlacedDivider[] = perDesign((design) => {
  const { byId } = roomShape(design);
  const at = (place: FacePlace) => atFacePlace(byId.get(place.face)!, place);
  return recordsOf(design, 'divider').map((record) => ({
    record,
    from: at(record.from),
    to: at(record.to),
  }));
});

/**
 * The parts the dividing lines make of the room, the room's own part first; or which line divides nothing. A line parts off
 * what lies on its left or right, seen from its start.
 */
export const tryZones: (design: Design) => Result<readonly Zone[]> = perDesign((design) => {
  const { outline, faces, letters } = roomShape(design);
  let zones: Zone[] = [zoneOf(roomOf(design).name, null, outline)];
  for (const { record, from, to } of placedDividers(design)) {
    const found = zones.flatMap((zone) => {
      const parts = splitPolygon(zone.outline, from, to);
      return parts ? [{ zone, parts }] : [];
    })[0];
    if (!found) {
      const index = (face: string) => faces.findIndex(({ id }) => id === face);
      const name = (place: DividerRecord['from']) =>
        placeName({ ...place, face: index(place.face) }, letters);
      return refuse('divider-outside', { from: name(record.from), to: name(record.to) });
    }
    // Along a clockwise outline from the line's start to its end, what is met lies on the line's left.
    const [left, right] = found.parts;
    const [parted, kept] = record.side === 'left' ? [left, right] : [right, left];
    const { name, divider } = found.zone;
    zones = zones.flatMap((zone) => (zone === found.zone ? [zoneOf(name, divider, kept)] : [zone]));
    zones.push(zoneOf(record.name, record.id, parted));
  }
  return ok(zones);
});

/** The parts of a valid room. */
export function zonesOf(design: Design): readonly Zone[] {
  const zones = tryZones(design);
  return zones.ok ? zones.value : [];
}

function zoneOf(name: string, divider: string | null, outline: readonly Point[]): Zone {
  return { name, divider, outline, area: Math.abs(signedArea(outline)), perimeter: perimeter(outline) };
}

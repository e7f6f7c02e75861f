import { perDesign, recordsOf, type Design } from '../document/design';
import { rememberBoth } from '../document/remember';
import type { FixedRecord } from '../document/records';
import { add, direction, place, scale, type Point } from '../geometry/point';
import { convexPieces } from '../geometry/convex-pieces';
import { outlineOf } from './fixed-outline';
import { footprintOf, type Footprint } from './footprint';
import { roomShape, type RoomShape } from './room-shape';

/** A fixed thing with its computed place and heights, mm. A round column's footprint is a polygon around its circle. */
export interface FixedThing extends Footprint {
  id: string;
  record: FixedRecord;
  low: number;
  high: number;
  /** The footprint as convex pieces. */
  pieces: readonly (readonly Point[])[];
  /** Of a round column. */
  circle: { centre: Point; radius: number } | null;
}

/** Sides of the polygon that stands for a circle: it goes past the circle by less than 1 % of the radius at its corners. */
const SIDES = 24;

/** Every fixed thing with its place, in the order of their ids. */
export const fixedThings: (design: Design) => readonly FixedThing[] = perDesign((design) =>
  placedIn(roomShape(design), recordsOf(design, 'fixed')),
);

/** The very same things while neither they nor the room change. */
const placedIn = rememberBoth((shape: RoomShape, records: readonly FixedRecord[]): readonly FixedThing[] =>
  records.map((record) => {
    const round = record.type === 'round-column';
    const depth = round ? record.width : record.depth;
    const at = footprintOf(record.placement, record.width, depth, shape);
    const radius = record.width / 2;
    const centre = place(at.origin, at.u, radius, at.n, radius);
    const footprint = round
      ? around(centre, radius)
      : outlineOf(record).map(({ along, out }) => place(at.origin, at.u, along, at.n, out));
    return {
      id: record.id,
      record,
      low: record.up,
      high: record.up + record.height,
      ...at,
      footprint,
      pieces: convexPieces(footprint),
      circle: round ? { centre, radius } : null,
    };
  }),
);

/** A polygon around a circle, clockwise. */
function around(centre: Point, radius: number): Point[] {
  const reach = radius / Math.cos(Math.PI / SIDES);
  return Array.from({ length: SIDES }, (_, index) =>
    add(centre, scale(direction((-2 * Math.PI * index) / SIDES), reach)),
  );
}

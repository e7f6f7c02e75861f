import { perDesign, recordsOf, type Design } from '../document/design';
import { rememberBoth } from '../document/remember';
import type { ServiceType } from '../document/fixture-types';
import type { ServiceRecord } from '../document/records';
import type { Point } from '../geometry/point';
import { isInchUnit, MM_PER_INCH, type LengthUnit } from '../units/units';
import { footprintOf, type Footprint } from './footprint';
import { roomShape, type RoomShape } from './room-shape';

/** A service with its computed place in plan. */
export interface PlacedService extends Pick<Footprint, 'u' | 'n' | 'against'> {
  id: string;
  record: ServiceRecord;
  at: Point;
}

/** Every service with its place, in the order of their ids. */
export const placedServices: (design: Design) => readonly PlacedService[] = perDesign((design) =>
  placedIn(roomShape(design), recordsOf(design, 'service')),
);

/** The very same services while neither they nor the room change. */
const placedIn = rememberBoth((shape: RoomShape, records: readonly ServiceRecord[]) =>
  records.map((record): PlacedService => {
    const { origin, u, n, against } = footprintOf(record.placement, 0, 0, shape);
    return { id: record.id, record, at: origin, u, n, against };
  }),
);

/** Usual heights above the floor, [mm, in]; a light hangs from the ceiling. */
const heights: Record<Exclude<ServiceType, 'light'>, readonly [number, number]> = {
  cold: [550, 22],
  data: [300, 16],
  drain: [400, 16],
  extract: [2100, 84],
  gas: [100, 4],
  hot: [550, 22],
  socket: [1150, 44],
  switch: [1050, 48],
  vent: [2100, 84],
};

/** The height a service of this type usually has, mm. */
export function usualServiceHeight(type: ServiceType, unit: LengthUnit, ceilingHeight: number): number {
  if (type === 'light') return ceilingHeight;
  const [metric, inch] = heights[type];
  return isInchUnit(unit) ? inch * MM_PER_INCH : metric;
}

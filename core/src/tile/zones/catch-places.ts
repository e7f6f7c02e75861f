import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import { itemBoxes } from '../../setting/item-box';
import { openingsOn, placedOpenings } from '../../survey/openings';
import { facePoint } from '../../survey/placed-face';
import type { ZoneArea } from './zone-areas';

/** What a tile or a joint can be centred on besides the zone itself. */
export type CatchThing = 'fixture' | 'opening' | 'service';

/** A place a field is caught by, in a zone's places, mm, and the ways that are told by it. */
export interface CatchPlace {
  thing: CatchThing;
  at: Point;
  ways: readonly Point[];
}

const [ALONG, UP]: readonly Point[] = [
  { x: 1, y: 0 },
  { x: 0, y: 1 },
];

/** What stands on the floor before a wall or hangs on it and is looked at by its middle. */
const LOOKED_AT: readonly string[] = ['appliances', 'plumbing', 'vanity'];

/** The middles a zone is set out to: of services both ways, of openings and fixtures along their face, of a window on its face up as well. */
export function catchPlaces(
  design: Design,
  { surface, holes }: Pick<ZoneArea, 'holes' | 'surface'>,
): CatchPlace[] {
  const { face, reveal, zero, fromPlan } = surface;
  if (reveal) return [];
  const services = holes.map(({ at }): CatchPlace => ({ thing: 'service', at, ways: [ALONG!, UP!] }));
  if (!face) {
    const doors = placedOpenings(design).filter(({ record: { sill } }) => sill < 1);
    const zeroOf = fromPlan({ x: 0, y: 0 });
    return [
      ...services,
      ...doors.map(({ face: wall, left, right }): CatchPlace => {
        const way = fromPlan(wall.u);
        const u = { x: way.x - zeroOf.x, y: way.y - zeroOf.y };
        return { thing: 'opening', at: fromPlan(facePoint(wall, (left + right) / 2)), ways: [u] };
      }),
    ];
  }
  const openings = openingsOn(design, face.id).map(
    ({ left, right, record: { sill, height } }): CatchPlace => ({
      thing: 'opening',
      at: { x: (left + right) / 2 - zero, y: sill + height / 2 },
      ways: sill < 1 ? [ALONG!] : [ALONG!, UP!],
    }),
  );
  const fixtures = itemBoxes(design).flatMap(({ kind, against, record }): CatchPlace[] =>
    against?.face.id === face.id && LOOKED_AT.includes(kind.group)
      ? [{ thing: 'fixture', at: { x: against.along + record.width / 2 - zero, y: 0 }, ways: [ALONG!] }]
      : [],
  );
  return [...services, ...openings, ...fixtures];
}

import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import { distanceToSegment, type Polygon } from '../../geometry/polygon';
import { facePoint } from '../../survey/placed-face';
import { placedOpenings } from '../../survey/openings';
import { fallsOf, overChannel } from './falls';
import { zoneAreas, type ZoneArea } from './zone-areas';
import { buildUpOf } from './zone-order';
import { FLOOR_KEY } from './zone-surface';

/** What a zone of the floor comes out higher than (or lower, below nothing), mm: the floor beyond a doorway, as it was surveyed, or another zone beside it. */
export interface LevelStep {
  at: { doorway: string } | { zone: string };
  by: number;
}

/** Zones that are no further apart are beside one another, and a zone as near to a doorway ends there, mm. */
const BESIDE = 40;
/** Steps that are less than this are none, mm. */
const LEAST = 0.05;

/** Where a zone of the floor makes a step: at the doorways it comes to, and beside other zones that come out at another height. Its edges are as much higher as it falls. */
export function levelSteps(design: Design, zone: ZoneArea): LevelStep[] {
  if (zone.surface.key !== FLOOR_KEY) return [];
  const doorways = placedOpenings(design).filter(
    ({ record: { type, sill } }) => (type === 'door' || type === 'cased') && sill < 1,
  );
  const steps: LevelStep[] = doorways.flatMap(({ name, face, left, right }) => {
    const deep = Math.min(zone.record.threshold ?? 0, face.thickness);
    const at = zone.surface.fromPlan(facePoint(face, (left + right) / 2, -deep));
    return zone.taken.some((ring) => isNear(ring, at))
      ? [{ at: { doorway: name }, by: edgeLevel(zone, at) }]
      : [];
  });
  for (const other of zoneAreas(design)) {
    if (other.id === zone.id || other.surface.key !== FLOOR_KEY) continue;
    const its = other.taken.map((ring) => ring.map((at) => zone.surface.fromPlan(other.surface.toPlan(at))));
    const met = [
      ...its.flat().filter((at) => zone.taken.some((ring) => isNear(ring, at))),
      ...zone.taken.flat().filter((at) => its.some((ring) => isNear(ring, at))),
    ];
    // Where they meet at several places the largest step is told.
    const by = met.map((at) => {
      const there = other.surface.fromPlan(zone.surface.toPlan(at));
      return edgeLevel(zone, at) - edgeLevel(other, there);
    });
    const [most] = by.sort((a, b) => Math.abs(b) - Math.abs(a));
    if (most !== undefined) steps.push({ at: { zone: other.letter }, by: most });
  }
  return steps.filter(({ by }) => Math.abs(by) > LEAST);
}

/** How high a zone comes out over the floor as it was surveyed at a place on its edge, mm: by tile and bed, and by its fall. */
function edgeLevel({ record, rings, holes }: ZoneArea, at: Point): number {
  const falls = fallsOf(record, rings, holes);
  if (!falls || typeof falls !== 'object') return buildUpOf(record);
  return buildUpOf(record) + (falls.channel ? overChannel(falls.channel, at) * record.fall! : falls.rise);
}

const isNear = (ring: Polygon, at: Point): boolean =>
  ring.some((a, index) => distanceToSegment(at, a, ring[(index + 1) % ring.length]!) <= BESIDE);

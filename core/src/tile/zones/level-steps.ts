import type { Design } from '../../document/design';
import { distanceToSegment, type Polygon } from '../../geometry/polygon';
import { facePoint } from '../../survey/placed-face';
import { placedOpenings } from '../../survey/openings';
import { fallsOf } from './falls';
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
  const own = edgeLevel(zone);
  const doorways = placedOpenings(design).filter(
    ({ record: { type, sill } }) => (type === 'door' || type === 'cased') && sill < 1,
  );
  const steps: LevelStep[] = doorways.flatMap(({ name, face, left, right }) => {
    const deep = Math.min(zone.record.threshold ?? 0, face.thickness);
    const at = zone.surface.fromPlan(facePoint(face, (left + right) / 2, -deep));
    return zone.taken.some((ring) => isNear(ring, at)) ? [{ at: { doorway: name }, by: own }] : [];
  });
  for (const other of zoneAreas(design)) {
    if (other.id === zone.id || other.surface.key !== FLOOR_KEY) continue;
    const its = other.taken.map((ring) => ring.map((at) => zone.surface.fromPlan(other.surface.toPlan(at))));
    const isBeside = zone.taken.some((ring) =>
      its.some((one) => one.some((at) => isNear(ring, at)) || ring.some((at) => isNear(one, at))),
    );
    if (isBeside) steps.push({ at: { zone: other.letter }, by: own - edgeLevel(other) });
  }
  return steps.filter(({ by }) => Math.abs(by) > LEAST);
}

/** How high the edges of a zone come out over the floor as it was surveyed, mm. */
function edgeLevel({ record, rings, holes }: ZoneArea): number {
  const falls = fallsOf(record, rings, holes);
  const rise = falls && typeof falls === 'object' && !falls.channel ? falls.rise : 0;
  return buildUpOf(record) + rise;
}

const isNear = (ring: Polygon, at: Polygon[number]): boolean =>
  ring.some((a, index) => distanceToSegment(at, a, ring[(index + 1) % ring.length]!) <= BESIDE);

import type { EaseStep } from '../../commands/ease';
import { roomOf, type Design } from '../../document/design';
import type { ServiceRecord } from '../../document/records';
import { distance, dot, subtract } from '../../geometry/point';
import type { Finding } from '../../reach/finding';
import { openingsOn } from '../../survey/openings';
import { roomShape } from '../../survey/room-shape';
import { usualServiceHeight } from '../../survey/services';
import { cornersOf } from '../../surfaces/top-facts';
import { tops } from '../../surfaces/tops';
import { isInchUnit, MM_PER_INCH, quantise } from '../../units/units';

/** A corner of a top no farther than this from a place is there, mm. */
const AT = 0.1;
/** So many equal parts of a counter are tried for sockets at most. */
const MOST_SOCKETS = 12;
/** A socket beside a window stands so far off it, mm. */
const OFF = 80;

/** What eases a finding by adding to the room: rounded corners, sockets; each list is one way to do it. */
export function additionsFor(
  design: Design,
  finding: Finding,
  newId: () => string,
): readonly (readonly EaseStep[])[] {
  if (finding.measure === 'sharp-corners') return [roundedCorners(design, finding)];
  if (finding.measure === 'counter-sockets') return socketsAlong(design, finding, newId);
  return [];
}

/** Every corner that a finding is about, rounded by 25 mm or an inch. */
function roundedCorners(design: Design, { place, ids }: Finding): readonly EaseStep[] {
  const radius = isInchUnit(roomOf(design).unit) ? MM_PER_INCH : 25;
  const corners = tops(design)
    .filter(({ items }) => ids.includes(items[0]!))
    .flatMap(({ rings }) => rings.flatMap(cornersOf));
  return corners.flatMap(({ before, at }): EaseStep[] =>
    place.some((one) => distance(one, before.b) <= AT) ? [{ do: 'corner', at, radius }] : [],
  );
}

/** Protected sockets in the middle of equal parts of a counter's wall line: one, two and so on, beside windows rather than in them. */
function socketsAlong(
  design: Design,
  { place: [from, to], ids }: Finding,
  newId: () => string,
): readonly (readonly EaseStep[])[] {
  const { unit, ceilingHeight } = roomOf(design);
  const face = ids.flatMap((id) => roomShape(design).byId.get(id) ?? [])[0];
  if (!face || face.arc || !from || !to) return [];
  const up = usualServiceHeight('socket', unit, ceilingHeight);
  const ends = [from, to].map((end) => dot(subtract(end, face.start), face.u)).sort((a, b) => a - b);
  const [start, end] = ends as [number, number];
  const windows = openingsOn(design, face.id).filter(
    ({ record: { sill, height } }) => sill < up + OFF && sill + height > up - OFF,
  );
  const socket = (at: number): EaseStep => {
    const hit = windows.find(({ left, right }) => at > left - OFF && at < right + OFF);
    const beside = hit && (at - hit.left < hit.right - at ? hit.left - OFF : hit.right + OFF);
    const service: ServiceRecord = {
      ...({ kind: 'service', id: newId(), type: 'socket', up, protected: true } as const),
      placement: {
        ...({ on: 'face', face: face.id, from: 'left', off: 0 } as const),
        distance: quantise(Math.min(face.length, Math.max(0, beside ?? at))),
      },
    };
    return { do: 'service', service };
  };
  return Array.from({ length: MOST_SOCKETS }, (_, index) => {
    const count = index + 1;
    return Array.from({ length: count }, (_one, part) =>
      socket(start + ((end - start) * (part + 0.5)) / count),
    );
  });
}

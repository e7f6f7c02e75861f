import { noun } from '../nouns';
import { loopOf, recordOf, recordsOf, type Design } from '../document/design';
import { applyPatch, patchOf } from '../document/patch';
import type { DesignRecord, FaceRecord, MeasurementRecord } from '../document/records';
import { LEAST_CORNER, LEAST_FACE, MOST_CORNER, MOST_FACE } from '../document/limits';
import { firstRefusal, within } from '../document/within';
import { distance, type Point } from '../geometry/point';
import { must, ok, refuse, type Result } from '../result';
import { toDegrees } from '../units/angles';
import { quantise } from '../units/units';
import { carried } from './carry';
import { datumOf, inDatum } from './datum';
import { computedValue, distancesById, insideAngle } from './observations';
import type { PlacedFace } from './placed-face';
import { cornerName, lettersOf, loopOfFaces } from './face-letters';
import { roomShape, tryRoomShape } from './room-shape';

/** A face of the room as it is to be, and where its start is to stand, in the room's present coordinates. */
export interface Walked {
  record: FaceRecord;
  at: Point;
}

/** The records a change of shape writes, and the ids it removes. */
export interface Reshaping {
  written: DesignRecord[];
  removed: string[];
}

/** A corner that comes out this near to where it is wanted is there, mm. */
const REACHED = 1e-3;
/** An assumed corner that stands farther than this from what it is assumed to be is assumed to be what it is, radians. */
const FAR_OFF = 0.15;
/** How often other measurements are tried until the wanted shape comes out. */
const MOST_TRIES = 8;
/** A taped distance that changes by less than this still holds, mm. */
const STILL = 0.01;

/**
 * The measurements that put the corners where they are wanted. Every given length and angle is shifted by what the computed one
 * changes, so what was measured stays measured and what followed still follows; only where the wanted shape would not come
 * out do lengths that are missing, then changed lengths, then corners, become given ones. Taped distances that no longer hold are excluded, not
 * forgotten; what has a place of its own in the room stays there. `rehomed` are records already
 * moved to other faces, and new ones. Refused where a face would come out too short or long, or a corner too sharp.
 */
export function reshape(
  design: Design,
  walked: readonly Walked[],
  rehomed: readonly DesignRecord[] = [],
): Result<Reshaping> {
  const wanted = walked.map(({ at }) => at);
  const datum = datumOf(wanted);
  const moved = new Map(rehomed.map((record) => [record.id, record]));
  const fresh = <R extends DesignRecord>(record: R) => (moved.get(record.id) as R | undefined) ?? record;
  const kept = new Set(walked.map(({ record }) => record.id));
  const gone = recordsOf(design, 'measurement').filter(
    (one) => !kept.has(fresh(one).from.face) || !kept.has(fresh(one).to.face),
  );
  const removed = [...loopOf(design).faces.filter((id) => !kept.has(id)), ...gone.map(({ id }) => id)];
  const others = [
    ...rehomed.filter(({ id }) => !design.records[id]).map((record) => carried(record, datum)),
    ...Object.values(design.records).flatMap((record) => {
      if (['loop', 'face', 'measurement'].includes(record.kind)) return [];
      const after = carried(fresh(record), datum);
      return after === record ? [] : [after];
    }),
    ...measurements(
      design,
      walked,
      recordsOf(design, 'measurement')
        .filter((one) => !gone.includes(one))
        .map(fresh),
    ),
  ];
  const loop = loopOfFaces(
    loopOf(design),
    walked.map(({ record }) => record.id),
  );
  const letters = lettersOf(loop);
  const placed = wanted.map((corner) => inDatum(datum, corner));
  const wrong = unbuildable(walked, letters);
  if (wrong) return wrong;
  const firm = new Set<string>();
  let reshaping: Reshaping = { written: [], removed };
  let firmness: Firmness = 'shifted';
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    reshaping = { written: [loop, ...facesOf(design, walked, firmness, firm), ...others], removed };
    const shape = tryRoomShape(
      must(applyPatch(design, patchOf(design, reshaping.written, reshaping.removed))),
    );
    if (shape.ok && shape.value.corners.every((corner, i) => distance(corner, placed[i]!) < REACHED)) break;
    const missing =
      shape.ok || shape.refusal.code !== 'survey-underdetermined' ? [] : shape.refusal.data.measure;
    const letter = missing.find(({ of }) => of === 'length')?.name;
    const needed = letters.findIndex((own) => own === letter);
    if (needed >= 0) firm.add(walked[needed]!.record.id);
    else firmness = firmness === 'shifted' ? 'lengths' : 'corners';
  }
  return ok(reshaping);
}

/** The first face or corner that is out of limits, if any. */
function unbuildable(walked: readonly Walked[], letters: readonly string[]) {
  const count = walked.length;
  return firstRefusal(
    ...walked.flatMap(({ at }, index) => {
      const next = walked[(index + 1) % count]!.at;
      const corner = insideAngle(walked[(index - 1 + count) % count]!.at, at, next);
      const size = distance(at, next);
      return [
        within(noun('face', letters[index]!), size, LEAST_FACE, MOST_FACE),
        corner >= LEAST_CORNER && corner <= MOST_CORNER
          ? ok(corner)
          : refuse('number-range', {
              what: noun('corner-between', cornerName(index, letters)),
              value: Math.round(toDegrees(corner) * 100) / 100,
              least: 3,
              most: 357,
            }),
      ];
    }),
  );
}

type Firmness = 'shifted' | 'lengths' | 'corners';

/** The face records whose lengths and corners come out as wanted. */
function facesOf(
  design: Design,
  walked: readonly Walked[],
  firmness: Firmness,
  firm: ReadonlySet<string>,
): FaceRecord[] {
  const { byId } = roomShape(design);
  const count = walked.length;
  return walked.map(({ record, at }, index) => {
    const next = walked[(index + 1) % count]!.at;
    const corner = insideAngle(walked[(index - 1 + count) % count]!.at, at, next);
    const size = distance(at, next);
    const before: PlacedFace | undefined = byId.get(record.id);
    const kept = before && firmness === 'shifted' && !firm.has(record.id);
    const by = { length: size - (before?.chord ?? size), corner: corner - (before?.corner ?? corner) };
    if (kept && Math.abs(by.length) < 1e-7 && Math.abs(by.corner) < 1e-9) return record;
    // What was measured far from what it came out as may be nothing that can be once it is shifted: then it is as it comes out.
    const after = {
      ...record,
      length: quantise(before ? shifted(record.length + by.length, size, LEAST_FACE, MOST_FACE) : size),
      corner: before ? shifted(record.corner + by.corner, corner, LEAST_CORNER, MOST_CORNER) : corner,
    };
    if (Math.abs(by.corner) < 1e-9 && before) after.corner = record.corner;
    // What only follows is where the adjustment starts from: right where it is wanted.
    if (record.lengthFrom === 'outline') after.length = quantise(size);
    if (record.cornerFrom === 'assumed' && Math.abs(after.corner - corner) > FAR_OFF) after.corner = corner;
    const changed = firmness !== 'shifted' && Math.abs(by.length) > REACHED;
    if (record.lengthFrom === 'outline' && (changed || firm.has(record.id))) after.lengthFrom = 'measured';
    if (firmness === 'corners' && record.cornerFrom === 'assumed')
      Object.assign(after, { corner, cornerFrom: 'measured' });
    return after;
  });
}

const shifted = (value: number, size: number, least: number, most: number): number =>
  value >= least && value <= most ? value : size;

/** Taped distances; those whose ends come to stand otherwise are excluded. */
function measurements(
  design: Design,
  walked: readonly Walked[],
  taped: readonly MeasurementRecord[],
): MeasurementRecord[] {
  const { observations, corners: stood } = roomShape(design);
  const known = distancesById(observations);
  const order = new Map(walked.map(({ record }, index) => [record.id, index]));
  const corners = walked.map(({ at }) => at);
  return taped.map((record) => {
    const was = known.get(record.id);
    const now = computedValue(corners, {
      id: record.id,
      name: '',
      of: 'distance',
      from: { ...record.from, face: order.get(record.from.face)! },
      to: { ...record.to, face: order.get(record.to.face)! },
      given: record.length,
      sigma: 1,
      standing: record.standing,
    });
    const held = was !== undefined && Math.abs(now - computedValue(stood, was)) < STILL;
    return held ? record : { ...record, standing: 'excluded' };
  });
}

/** The faces of the room as they are, to be changed and walked anew. */
export function walkedFaces(design: Design): Walked[] {
  return roomShape(design).faces.map(({ id, start }) => ({
    record: recordOf(design, 'face', id)!,
    at: start,
  }));
}

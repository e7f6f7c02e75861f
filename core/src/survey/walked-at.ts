import { placedRecords, recordsOf, type Design } from '../document/design';
import type { FaceRecord, MeasurementRecord } from '../document/records';
import { cross, distance, dot, subtract, type Point } from '../geometry/point';
import { PARALLEL } from '../geometry/tolerance';
import { must, ok, refuse, type Result } from '../result';
import { isLetterBefore } from './face-letters';
import { openingsOn } from './openings';
import type { PlacedFace } from './placed-face';
import { rehome, type FacePart } from './rehome';
import { reshape, type Reshaping, type Walked } from './reshape';
import { roomShape } from './room-shape';

/** A face shorter than this has no length any more, mm. */
export const NO_LENGTH = 0.05;

/**
 * The faces of the room with their starts at other places, in walking order: those left without length are gone, and two that then run
 * on in one line are one again, under the letter of the first of them. Refused where a face turns round, or one is gone that something is on.
 */
export function reshapedTo(design: Design, corners: readonly Point[]): Result<Reshaping> {
  const { faces } = roomShape(design);
  const endOf = (index: number) => corners[(index + 1) % faces.length]!;
  const isGone = faces.map((_, index) => distance(corners[index]!, endOf(index)) < NO_LENGTH);
  for (const [index, { u, letter }] of faces.entries()) {
    if (isGone[index]) continue;
    if (dot(subtract(endOf(index), corners[index]!), u) <= 0)
      return refuse('face-vanishes', { face: letter });
  }
  const taken = faces.find(({ id }, index) => isGone[index] && isTaken(design, id));
  if (taken) return refuse('face-taken', { face: taken.letter });
  const rows = rowsOf(faces, isGone);
  if (rows.length < 3) return refuse('faces-too-few', { least: 3 });
  const removed: string[] = [];
  const parts: Record<string, FacePart[]> = {};
  const walked = rows.map((row): Walked => {
    const at = corners[row[0]!]!;
    const whole = distance(at, endOf(row.at(-1)!));
    if (row.length === 1) return { record: faces[row[0]!]!.record, at };
    const kept = row
      .map((index) => faces[index]!)
      .reduce((a, b) => (isLetterBefore(b.letter, a.letter) ? b : a));
    for (const index of row) {
      const { id, length, u } = faces[index]!;
      const zero = -dot(subtract(corners[index]!, at), u);
      parts[id] = [{ face: kept.id, from: 0, to: length, zero, length: whole }];
    }
    const taped = tapedAlong(design, faces[row[0]!]!, faces[row.at(-1)!]!);
    if (taped) removed.push(taped.id);
    return {
      record: joined(
        row.map((index) => faces[index]!),
        kept,
        whole,
        taped,
      ),
      at,
    };
  });
  // A face that becomes a part of one whole cuts nothing.
  const shaped = reshape(design, walked, must(rehome(design, parts)));
  if (!shaped.ok) return shaped;
  return ok({
    written: shaped.value.written.filter(({ id }) => !removed.includes(id)),
    removed: [...shaped.value.removed, ...removed],
  });
}

/** Whether something is placed on a face. */
function isTaken(design: Design, id: string): boolean {
  return (
    openingsOn(design, id).length > 0 ||
    placedRecords(design).some(({ placement }) => placement.on === 'face' && placement.face === id)
  );
}

/** Which faces that are left make one, in walking order from the first that is left: those that run on in line where others between them are gone. */
function rowsOf(faces: readonly PlacedFace[], isGone: readonly boolean[]): number[][] {
  const left = faces.flatMap((_, index) => (isGone[index] ? [] : [index]));
  const runsOn = (index: number, before: number) => {
    const [a, b] = [faces[before]!, faces[index]!];
    const between = (before + 1) % faces.length !== index;
    return between && !a.arc && !b.arc && dot(a.u, b.u) > 0 && Math.abs(cross(a.u, b.u)) < PARALLEL;
  };
  const begins = left.findIndex((index, at) => !runsOn(index, left.at(at - 1)!));
  const rows: number[][] = [];
  for (const index of [...left.slice(begins), ...left.slice(0, begins)]) {
    const row = rows.at(-1);
    if (row && runsOn(index, row.at(-1)!)) row.push(index);
    else rows.push([index]);
  }
  const first = rows.findIndex((row) => row.includes(left[0]!));
  return [...rows.slice(first), ...rows.slice(0, first)];
}

/** A taped distance from the start of one face to the end of another. */
function tapedAlong(design: Design, first: PlacedFace, last: PlacedFace) {
  return recordsOf(design, 'measurement').find(({ from, to }) => {
    const isStart = (one: typeof from) => one.face === first.id && one.from === 'left' && one.distance === 0;
    const isEnd = (one: typeof from) => one.face === last.id && one.from === 'right' && one.distance === 0;
    return (isStart(from) && isEnd(to)) || (isStart(to) && isEnd(from));
  });
}

/** The record of faces that are one: as long as was taped along them all, else measured where each was; its corner is that of the first. */
export function joined(
  row: readonly PlacedFace[],
  kept: PlacedFace,
  whole: number,
  taped?: MeasurementRecord,
): FaceRecord {
  const { corner, cornerFrom, cornerUncertainty } = row[0]!.record;
  const measured = row.every(({ record }) => record.lengthFrom === 'measured');
  const record: FaceRecord = { ...kept.record, corner, cornerFrom };
  delete record.cornerUncertainty;
  if (cornerUncertainty !== undefined) record.cornerUncertainty = cornerUncertainty;
  record.lengthFrom = taped ? taped.standing : measured ? 'measured' : 'outline';
  if (taped?.uncertainty !== undefined) record.lengthUncertainty = taped.uncertainty;
  // What is given changes by as much as the face itself does.
  record.length = kept.chord + (taped ? taped.length - whole : 0);
  // As a corner is shifted by what it changes, it starts from what this face has.
  record.corner = kept.corner + (corner - row[0]!.corner);
  return record;
}

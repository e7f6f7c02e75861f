import { LEAST_FACE, MOST_FACE } from '../document/limits';
import type { Design } from '../document/design';
import { patchOf, type Patch } from '../document/patch';
import type { FaceRecord, MeasurementRecord, Side } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { dot, place, subtract } from '../geometry/point';
import { refuse, type Result } from '../result';
import type { PlacedFace } from '../survey/placed-face';
import { rehome } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { roomShape } from '../survey/room-shape';
import { NO_LENGTH } from '../survey/walked-at';
import { findFace, guarded, type Command } from './command';
import { faceMoved, meet } from './move-face';

export interface PushedPart {
  face: string;
  /** From which end of the face, and how far from it, the part starts, mm. */
  from: Side;
  distance: number;
  width: number;
  /** mm outwards (a bay, a recess); negative: into the room (a breast, a pier). */
  depth: number;
  /** Ids for the four new faces, left to right, and for the measurement that keeps the whole length. */
  ids: readonly [string, string, string, string, string];
}

/** Pushes a part of a face out of the room or into it, square to the face; a part that starts at a corner takes that with it, all of a face moves it. What stood on the part goes with it. */
export const pushPart: Command<PushedPart> = {
  id: 'push-part',
  run(design, { face, from, distance, width, depth, ids }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, start, u, n, arc, record } = found.value;
    if (arc) return refuse('face-bent', { face: letter, only: 'push-part' });
    const wrong = firstRefusal(
      within('distance', distance, 0, MOST_FACE),
      within('width', width, LEAST_FACE, MOST_FACE),
      within('depth', Math.abs(depth), LEAST_FACE, MOST_FACE),
    );
    if (wrong) return wrong;
    const left = from === 'left' ? distance : length - distance - width;
    const right = left + width;
    const toCorner = { left: Math.abs(left) < NO_LENGTH, right: Math.abs(length - right) < NO_LENGTH };
    if (toCorner.left && toCorner.right) return faceMoved(design, found.value, depth);
    if ((left < LEAST_FACE && !toCorner.left) || (right > length - LEAST_FACE && !toCorner.right))
      return refuse('part-off-face', { face: letter, from: left, to: right, length });
    if (toCorner.left || toCorner.right)
      return cornerPushed(design, found.value, toCorner.left ? 'left' : 'right', width, depth, ids);
    const [leftReturn, front, rightReturn, rest, whole] = ids;
    const moved = rehome(design, {
      [face]: [
        { face, from: 0, to: left },
        { face: front, from: left, to: right },
        { face: rest, from: right, to: length },
      ],
    });
    if (!moved.ok) return moved;
    const walked = walkedFaces(design);
    const at = walked.findIndex((one) => one.record.id === face);
    const corner = (id: string, along: number, out: number, change: Partial<FaceRecord> = {}) => ({
      record: { ...record, lengthFrom: 'measured' as const, ...change, id, cornerFrom: 'measured' as const },
      at: place(start, u, along, n, -out),
    });
    // The remainder follows from the whole, which stays as it was measured.
    const follows = { lengthFrom: 'outline' as const };
    const nearRest = from === 'left';
    walked.splice(
      at,
      1,
      {
        ...walked[at]!,
        record: nearRest ? { ...record, length, lengthFrom: 'measured' } : { ...record, ...follows },
      },
      corner(leftReturn, left, 0),
      corner(front, left, depth),
      corner(rightReturn, right, depth),
      corner(rest, right, 0, nearRest ? follows : {}),
    );
    const kept: MeasurementRecord[] =
      record.lengthFrom === 'outline'
        ? []
        : [
            {
              kind: 'measurement',
              id: whole,
              from: { face, from: 'left', distance: 0 },
              to: { face: rest, from: 'right', distance: 0 },
              length: record.length,
              ...(record.lengthUncertainty === undefined ? {} : { uncertainty: record.lengthUncertainty }),
              standing: record.lengthFrom,
            },
          ];
    const shaped = reshape(design, walked, [...moved.value, ...kept]);
    return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
  },
};

/** A part of a face, so wide from one of its corners, pushed out of the room with that corner: the wall beyond it grows or shrinks. */
function cornerPushed(
  design: Design,
  face: PlacedFace,
  side: Side,
  width: number,
  depth: number,
  [leftReturn, front, rightReturn]: PushedPart['ids'],
): Result<Patch> {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const { id, length, start, u, n, record } = face;
  const neighbour = side === 'left' ? faces.at(index - 1)! : faces[(index + 1) % faces.length]!;
  const moved = meet(neighbour, face, depth);
  if (!moved) return refuse('face-in-line', { face: face.letter, neighbour: neighbour.letter });
  if (neighbour.arc) return refuse('face-bent', { face: neighbour.letter, only: 'push-corner' });
  const still =
    side === 'left' ? subtract(neighbour.end, neighbour.start) : subtract(neighbour.start, neighbour.end);
  const left = dot(subtract(moved, side === 'left' ? neighbour.start : neighbour.end), still);
  if (left <= 0) return refuse('face-vanishes', { face: neighbour.letter });
  const at = side === 'left' ? width : length - width;
  const edge = (out: number) => place(start, u, at, n, -out);
  const square = { lengthFrom: 'measured', cornerFrom: 'measured' } as const;
  const rehomed = rehome(design, {
    [id]:
      side === 'left'
        ? [
            { face: front, from: 0, to: at },
            { face: id, from: at, to: length },
          ]
        : [
            { face: id, from: 0, to: at },
            { face: front, from: at, to: length },
          ],
  });
  if (!rehomed.ok) return rehomed;
  const walked = walkedFaces(design);
  if (side === 'left')
    walked.splice(
      index,
      1,
      { record: { ...record, id: front, lengthFrom: 'measured' }, at: moved },
      { record: { ...record, ...square, id: rightReturn }, at: edge(depth) },
      // A corner is shifted by what it changes: it starts from what it comes out as, not from what was assumed.
      { record: { ...record, corner: face.corner, cornerFrom: 'measured' }, at: edge(0) },
    );
  else {
    walked.splice(
      index + 1,
      0,
      { record: { ...record, ...square, id: leftReturn }, at: edge(0) },
      { record: { ...record, ...square, id: front }, at: edge(depth) },
    );
    const next = walked[(index + 3) % walked.length]!;
    next.at = moved;
  }
  const shaped = reshape(design, walked, rehomed.value);
  return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
}

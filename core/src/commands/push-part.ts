import { LEAST_FACE, MOST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FaceRecord, MeasurementRecord, Side } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { place } from '../geometry/point';
import { refuse } from '../result';
import { rehome } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { findFace, guarded, type Command } from './command';

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

/** Pushes a part of a face out of the room or into it, square to the face. What stood on the part goes with it. */
export const pushPart: Command<PushedPart> = {
  id: 'push-part',
  label: ({ depth }) => (depth > 0 ? 'Push a part out' : 'Push a part in'),
  run(design, { face, from, distance, width, depth, ids }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, start, u, n, arc, record } = found.value;
    if (arc) return refuse('face-bent', { face: letter, what: 'a part can be pushed' });
    const wrong = firstRefusal(
      within('The distance', distance, LEAST_FACE, MOST_FACE),
      within('The width', width, LEAST_FACE, MOST_FACE),
      within('The depth', Math.abs(depth), LEAST_FACE, MOST_FACE),
    );
    if (wrong) return wrong;
    const left = from === 'left' ? distance : length - distance - width;
    const right = left + width;
    if (left < LEAST_FACE || right > length - LEAST_FACE)
      return refuse('part-off-face', { face: letter, from: left, to: right, length });
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

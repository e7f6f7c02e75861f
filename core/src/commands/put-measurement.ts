import { noun } from '../nouns';
import { recordOf } from '../document/design';
import { LEAST_FACE, LEAST_UNCERTAINTY, MOST_FACE, MOST_UNCERTAINTY } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FacePlace, MeasurementRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { refuse, type Result } from '../result';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Adds a distance taped between two places of the room, or changes one: its length, what it is trusted to, whether it counts. */
export const putMeasurement: Command<MeasurementRecord> = {
  id: 'put-measurement',
  run(design, measurement) {
    const { byId } = roomShape(design);
    const { from, to, length, uncertainty } = measurement;
    const onFace = ({ face, distance }: FacePlace): Result<unknown> => {
      if (!recordOf(design, 'face', face)) return refuse('record-missing', { id: face, what: 'face' });
      const { letter, length: most } = byId.get(face)!;
      return within(noun('distance-along-face', letter), distance, 0, most);
    };
    const wrong = firstRefusal(
      onFace(from),
      onFace(to),
      within('measured-length', length, LEAST_FACE, MOST_FACE * 2),
      ...(uncertainty === undefined
        ? []
        : [within('uncertainty', uncertainty, LEAST_UNCERTAINTY, MOST_UNCERTAINTY)]),
    );
    if (wrong) return wrong;
    const place = (one: FacePlace): FacePlace => ({ ...one, distance: quantise(one.distance) });
    const after = { ...measurement, from: place(from), to: place(to), length: quantise(length) };
    return guarded(design, patchOf(design, [after]));
  },
};

import { noun } from '../nouns';
import { within } from '../document/within';
import { recordOf } from '../document/design';
import { LEAST_FACE, MOST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import { refuse } from '../result';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Enters the taped length of a face, mm. It counts as measured from then on. */
export const setFaceLength: Command<{ face: string; length: number }> = {
  id: 'set-face-length',
  run(design, { face, length }) {
    const record = recordOf(design, 'face', face);
    if (!record) return refuse('record-missing', { id: face, what: 'face' });
    const held = within(
      noun('face', roomShape(design).byId.get(face)!.letter),
      length,
      LEAST_FACE,
      MOST_FACE,
    );
    if (!held.ok) return held;
    return guarded(
      design,
      patchOf(design, [{ ...record, length: quantise(length), lengthFrom: 'measured' }]),
    );
  },
};

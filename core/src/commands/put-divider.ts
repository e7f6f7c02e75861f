import { usualNames } from '../wording/things';
import { noun } from '../nouns';
import { refuse } from '../result';
import { patchOf } from '../document/patch';
import type { DividerRecord, FacePlace } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/** Adds a line that divides an open plan without a wall, or changes one that is there. */
export const putDivider: Command<DividerRecord> = {
  id: 'put-divider',
  run(design, divider) {
    const onFace = ({ face, distance }: FacePlace) => {
      const found = findFace(design, face);
      if (!found.ok) return found;
      return within(noun('distance-along-face', found.value.letter), distance, 0, found.value.length);
    };
    const wrong = firstRefusal(onFace(divider.from), onFace(divider.to));
    if (wrong) return wrong;
    const place = (one: FacePlace): FacePlace => ({ ...one, distance: quantise(one.distance) });
    if (divider.name.trim() === '' && design.records[divider.id])
      return refuse('name-blank', { what: 'part' });
    const name = divider.name.trim() || usualNames.part;
    const after = { ...divider, name, from: place(divider.from), to: place(divider.to) };
    return guarded(design, patchOf(design, [after]));
  },
};

import { noun } from '../nouns';
import { recordsOf } from '../document/design';
import { LEAST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FacePlace, SectionRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { distance } from '../geometry/point';
import { refuse } from '../result';
import { atFacePlace } from '../survey/placed-face';
import { nextSectionName } from '../survey/sections';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/** Adds a line the room is cut along for a section, or changes one that is there: its ends, the side it looks at, its name. */
export const putSection: Command<SectionRecord> = {
  id: 'put-section',
  run(design, section) {
    const [from, to] = [findFace(design, section.from.face), findFace(design, section.to.face)];
    if (!from.ok) return from;
    if (!to.ok) return to;
    const onFace = ({ distance: away }: FacePlace, { letter, length }: typeof from.value) =>
      within(noun('distance-along-face', letter), away, 0, length);
    const wrong = firstRefusal(onFace(section.from, from.value), onFace(section.to, to.value));
    if (wrong) return wrong;
    const name = section.name.trim() || nextSectionName(design);
    const namesake = recordsOf(design, 'section').find((one) => one.name === name && one.id !== section.id);
    if (namesake) return refuse('section-named', { name });
    const alongOne = from.value === to.value && !from.value.arc;
    const ends = [atFacePlace(from.value, section.from), atFacePlace(to.value, section.to)] as const;
    if (alongOne || distance(...ends) < LEAST_FACE)
      return refuse('section-along', { face: from.value.letter });
    const place = (one: FacePlace): FacePlace => ({ ...one, distance: quantise(one.distance) });
    const after = { ...section, name, from: place(section.from), to: place(section.to) };
    return guarded(design, patchOf(design, [after]));
  },
};

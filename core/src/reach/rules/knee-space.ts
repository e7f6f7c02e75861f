import { named } from '../../nouns';
import { KEPT } from '../../geometry/tolerance';
import type { Rule } from '../rule';
import { kneeSpaceFor, kneeSpaces, seatings } from '../seats';

/** Room for the knees of everyone who sits at a top or a bar, from its edge to what is under it. */
export const kneeSpace: Rule = {
  id: 'knee-space',
  level: 'guideline',
  parameters: kneeSpaces,
  check(facts, depths) {
    return seatings(facts).map(({ seat, at, surface, depth, place }) => {
      const required = kneeSpaceFor(depths, surface);
      return {
        verdict: depth < required - KEPT ? ('tight' as const) : ('clear' as const),
        ids: [seat.id, at],
        place,
        measured: depth,
        required,
        names: [named(seat.record.code)],
      };
    });
  },
};

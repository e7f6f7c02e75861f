import { patchOf } from '../document/patch';
import { asMet } from '../setting/item-numbers';
import { guarded, type Command } from './command';

/** Numbers all items anew, clockwise from the first face, or from a chosen item on. */
export const renumberItems: Command<{ first?: string }> = {
  id: 'renumber-items',
  run(design, { first }) {
    const numbered = asMet(design, first).map(({ record }, index) => ({ ...record, number: index + 1 }));
    return guarded(design, patchOf(design, numbered));
  },
};

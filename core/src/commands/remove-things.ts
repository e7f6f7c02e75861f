import { recordOf, type Design } from '../document/design';
import { factsOf } from '../document/kinds';
import { patchOf } from '../document/patch';
import { refuse } from '../result';
import { guardedLinings, type Command } from './command';

/** Takes items, openings, fixed things, services, dividing lines, section lines, underlays, taped distances and what was left open on purpose out of the room. */
export const removeThings: Command<readonly string[]> = {
  id: 'remove-things',
  run(design, ids) {
    const missing = ids.find((id) => !isRemovable(design, id));
    if (missing !== undefined) return refuse('record-missing', { id: missing, what: 'thing' });
    const locked = ids.map((id) => recordOf(design, 'item', id)).find((item) => item?.locked);
    if (locked) return refuse('item-locked', { item: locked.code });
    return guardedLinings(design, patchOf(design, [], ids));
  },
};

function isRemovable({ records }: Design, id: string): boolean {
  return Object.hasOwn(records, id) && factsOf(records[id]!.kind).removable;
}

import { recordOf } from '../document/design';
import { patchOf } from '../document/patch';
import { refuse } from '../result';
import { guarded, type Command } from './command';

/** What can simply be taken out of a room, and what it is called. */
const removable: readonly string[] = [
  'divider',
  'fixed',
  'item',
  'left-open',
  'measurement',
  'opening',
  'section',
  'service',
  'standpoint',
  'underlay',
];

/** Takes items, openings, fixed things, services, dividing lines, section lines, underlays, taped distances and what was left open on purpose out of the room. */
export const removeThings: Command<readonly string[]> = {
  id: 'remove-things',
  label: (ids) => (ids.length === 1 ? 'Remove' : `Remove ${ids.length}`),
  run(design, ids) {
    const missing = ids.find((id) => !removable.includes(design.records[id]?.kind ?? ''));
    if (missing !== undefined) return refuse('record-missing', { id: missing, what: 'thing' });
    const locked = ids.map((id) => recordOf(design, 'item', id)).find((item) => item?.locked);
    if (locked) return refuse('item-locked', { item: locked.code });
    return guarded(design, patchOf(design, [], ids));
  },
};

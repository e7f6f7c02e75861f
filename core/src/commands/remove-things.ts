import { patchOf } from '../document/patch';
import { refuse } from '../result';
import { guarded, type Command } from './command';

/** Takes items and openings out of the room. */
export const removeThings: Command<readonly string[]> = {
  id: 'remove-things',
  label: (ids) => (ids.length === 1 ? 'Remove' : `Remove ${ids.length}`),
  run(design, ids) {
    const missing = ids.find((id) => !['item', 'opening'].includes(design.records[id]?.kind ?? ''));
    if (missing !== undefined) return refuse('record-missing', { id: missing, what: 'item or opening' });
    return guarded(design, patchOf(design, [], ids));
  },
};

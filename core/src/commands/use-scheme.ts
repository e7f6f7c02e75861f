import { recordOf } from '../document/design';
import { patchOf } from '../document/patch';
import { refuse } from '../result';
import { finishedAs } from '../surfaces/schemes';
import { guarded, type Command } from './command';

/** Finishes the whole room as a set that was kept says. */
export const useScheme: Command<{ id: string }> = {
  id: 'use-scheme',
  run(design, { id }) {
    const scheme = recordOf(design, 'scheme', id);
    if (!scheme) return refuse('record-missing', { id, what: 'thing' });
    const changed = finishedAs(design, scheme);
    if (changed.length === 0) return refuse('scheme-worn', { name: scheme.name });
    return guarded(design, patchOf(design, changed));
  },
};

import { recordsOf } from '../document/design';
import { patchOf } from '../document/patch';
import type { SchemeRecord } from '../document/records';
import { refuse } from '../result';
import { finishesIn } from '../surfaces/schemes';
import { guarded, type Command } from './command';

/** Keeps what the room is finished with as a set under a name, in place of one of that name. */
export const keepScheme: Command<{ id: string; name: string }> = {
  id: 'keep-scheme',
  run(design, { id, name: said }) {
    const name = said.trim();
    if (!name) return refuse('name-blank', { what: 'finish-set' });
    const before = recordsOf(design, 'scheme').find((one) => one.name.toLowerCase() === name.toLowerCase());
    const scheme: SchemeRecord = { kind: 'scheme', id: before?.id ?? id, name, ...finishesIn(design) };
    return guarded(design, patchOf(design, [scheme]));
  },
};

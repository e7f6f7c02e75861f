import type { Design } from '../document/design';
import { patchOf } from '../document/patch';
import { guarded, type Command } from './command';

/** An earlier state of a room, and the revision it was at. */
export interface Earlier {
  revision: number;
  design: Design;
}

/** Makes a room what it was at an earlier revision: one more edit, so that what came since is not lost. */
export const bringBack: Command<Earlier> = {
  id: 'bring-back',
  run(design, { design: earlier }) {
    const gone = Object.keys(design.records).filter((id) => !Object.hasOwn(earlier.records, id));
    return guarded(design, patchOf(design, Object.values(earlier.records), gone));
  },
};

import type { RunBand } from '../document/limits';
import type { KindGroup } from '../wording/kind-names';

/** The group of the cabinets that stand or hang in each height band. */
export const bandGroups: Readonly<Record<RunBand, KindGroup>> = { base: 'base', wall: 'wall', tall: 'tall' };

/** The kind that closes a run in each height band. */
export const bandFillers: Readonly<Record<RunBand, string>> = {
  base: 'filler',
  wall: 'filler-wall',
  tall: 'filler-tall',
};

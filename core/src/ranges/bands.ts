import type { RunBand } from '../document/limits';
import type { KindGroup } from './item-kind';

/** The group of the cabinets that stand or hang in each height band. */
export const bandGroups: Readonly<Record<RunBand, KindGroup>> = { base: 'Base', wall: 'Wall', tall: 'Tall' };

/** The kind that closes a run in each height band. */
export const bandFillers: Readonly<Record<RunBand, string>> = {
  base: 'filler',
  wall: 'filler-wall',
  tall: 'filler-tall',
};

import type { ItemKind } from '../item-kind';

export const baseOpen: ItemKind = {
  id: 'base-open',
  group: 'base',
  top: 'under',
  symbol: 'open',
  trim: { least: 100, most: 1220 },
  rows: [{ shows: 'shelves' }],
  front: true,
  flat: false,
};

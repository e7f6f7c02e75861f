import type { ItemKind } from '../item-kind';

export const wallOpen: ItemKind = {
  id: 'wall-open',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  trim: { least: 100, most: 1220 },
  rows: [{ shows: 'shelves' }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const wallRack: ItemKind = {
  id: 'wall-rack',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  trim: { least: 400, most: 1000 },
  rows: [{ shows: 'shelves' }],
  front: false,
  flat: false,
};

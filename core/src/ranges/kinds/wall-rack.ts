import type { ItemKind } from '../item-kind';

export const wallRack: ItemKind = {
  id: 'wall-rack',
  name: 'Plate rack',
  group: 'Wall',
  top: 'none',
  symbol: 'wall',
  trim: { least: 400, most: 1000 },
  rows: [{ shows: 'shelves' }],
  front: false,
  flat: false,
};

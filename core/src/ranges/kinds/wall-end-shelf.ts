import type { ItemKind } from '../item-kind';

export const wallEndShelf: ItemKind = {
  id: 'wall-end-shelf',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  plan: 'chamfer',
  trim: { least: 150, most: 450 },
  rows: [{ shows: 'shelves' }],
  front: false,
  flat: false,
};

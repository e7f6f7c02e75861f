import type { ItemKind } from '../item-kind';

export const baseEndShelf: ItemKind = {
  id: 'base-end-shelf',
  group: 'base',
  top: 'under',
  symbol: 'open',
  plan: 'chamfer',
  trim: { least: 150, most: 450 },
  rows: [{ shows: 'shelves' }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const glassShelf: ItemKind = {
  id: 'glass-shelf',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: { least: 100, most: 2000 },
  front: false,
  flat: false,
};

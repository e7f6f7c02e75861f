import type { ItemKind } from '../item-kind';

export const glassShelf: ItemKind = {
  id: 'glass-shelf',
  name: 'Glass shelf',
  group: 'Accessories',
  top: 'none',
  symbol: 'rail',
  trim: { least: 100, most: 2000 },
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const mirror: ItemKind = {
  id: 'mirror',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  upright: true,
  trim: { least: 100, most: 3000 },
  front: false,
  flat: true,
};

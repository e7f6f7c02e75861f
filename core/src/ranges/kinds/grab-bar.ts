import type { ItemKind } from '../item-kind';

export const grabBar: ItemKind = {
  id: 'grab-bar',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

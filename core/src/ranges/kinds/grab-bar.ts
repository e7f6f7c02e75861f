import type { ItemKind } from '../item-kind';

export const grabBar: ItemKind = {
  id: 'grab-bar',
  name: 'Grab bar',
  group: 'Accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

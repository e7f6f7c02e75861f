import type { ItemKind } from '../item-kind';

export const towelRail: ItemKind = {
  id: 'towel-rail',
  name: 'Towel rail',
  group: 'Accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

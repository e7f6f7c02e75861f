import type { ItemKind } from '../item-kind';

export const towelRail: ItemKind = {
  id: 'towel-rail',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

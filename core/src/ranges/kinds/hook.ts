import type { ItemKind } from '../item-kind';

export const hook: ItemKind = {
  id: 'hook',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const hook: ItemKind = {
  id: 'hook',
  name: 'Hook',
  group: 'Accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const chair: ItemKind = {
  id: 'chair',
  name: 'Chair',
  group: 'Furniture',
  top: 'none',
  symbol: 'chair',
  within: ['Furniture'],
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const chair: ItemKind = {
  id: 'chair',
  group: 'furniture',
  top: 'none',
  symbol: 'chair',
  within: ['furniture'],
  trim: null,
  front: false,
  flat: false,
};

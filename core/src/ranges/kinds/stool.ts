import type { ItemKind } from '../item-kind';

export const stool: ItemKind = {
  id: 'stool',
  group: 'furniture',
  top: 'none',
  symbol: 'stool',
  plan: 'round',
  within: ['furniture'],
  trim: null,
  front: false,
  flat: false,
};

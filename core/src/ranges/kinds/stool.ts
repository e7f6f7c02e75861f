import type { ItemKind } from '../item-kind';

export const stool: ItemKind = {
  id: 'stool',
  name: 'Stool',
  group: 'Furniture',
  top: 'none',
  symbol: 'stool',
  plan: 'round',
  within: ['Furniture'],
  trim: null,
  front: false,
  flat: false,
};

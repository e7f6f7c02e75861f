import type { ItemKind } from '../item-kind';

export const object: ItemKind = {
  id: 'object',
  group: 'furniture',
  top: 'none',
  symbol: 'object',
  plan: 'any',
  within: ['dressing', 'fixtures', 'furniture'],
  trim: null,
  front: false,
  flat: false,
};

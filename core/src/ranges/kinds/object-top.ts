import type { ItemKind } from '../item-kind';

export const objectTop: ItemKind = {
  id: 'object-top',
  group: 'dressing',
  top: 'none',
  symbol: 'object',
  plan: 'any',
  loose: true,
  trim: null,
  front: false,
  flat: false,
};

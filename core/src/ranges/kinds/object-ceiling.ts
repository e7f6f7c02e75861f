import type { ItemKind } from '../item-kind';

export const objectCeiling: ItemKind = {
  id: 'object-ceiling',
  group: 'dressing',
  top: 'none',
  symbol: 'object',
  plan: 'any',
  loose: true,
  fromCeiling: true,
  trim: null,
  front: false,
  flat: false,
};

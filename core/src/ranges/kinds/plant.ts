import type { ItemKind } from '../item-kind';

export const plant: ItemKind = {
  id: 'plant',
  group: 'dressing',
  top: 'none',
  symbol: 'plant',
  plan: 'round',
  loose: true,
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const toilet: ItemKind = {
  id: 'toilet',
  name: 'Toilet',
  group: 'Fixtures',
  top: 'none',
  symbol: 'toilet',
  trim: null,
  front: false,
  flat: false,
};

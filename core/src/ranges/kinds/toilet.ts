import type { ItemKind } from '../item-kind';

export const toilet: ItemKind = {
  id: 'toilet',
  group: 'fixtures',
  top: 'none',
  symbol: 'toilet',
  trim: null,
  front: false,
  flat: false,
};

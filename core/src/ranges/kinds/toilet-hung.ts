import type { ItemKind } from '../item-kind';

export const toiletHung: ItemKind = {
  id: 'toilet-hung',
  group: 'fixtures',
  top: 'none',
  symbol: 'toilet',
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const toiletHung: ItemKind = {
  id: 'toilet-hung',
  name: 'Toilet, wall hung',
  group: 'Fixtures',
  top: 'none',
  symbol: 'toilet',
  trim: null,
  front: false,
  flat: false,
};

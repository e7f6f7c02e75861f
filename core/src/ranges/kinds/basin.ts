import type { ItemKind } from '../item-kind';

export const basin: ItemKind = {
  id: 'basin',
  group: 'fixtures',
  top: 'none',
  symbol: 'basin',
  trim: null,
  front: false,
  flat: false,
};

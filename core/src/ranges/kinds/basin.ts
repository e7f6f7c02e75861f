import type { ItemKind } from '../item-kind';

export const basin: ItemKind = {
  id: 'basin',
  name: 'Basin',
  group: 'Fixtures',
  top: 'none',
  symbol: 'basin',
  trim: null,
  front: false,
  flat: false,
};

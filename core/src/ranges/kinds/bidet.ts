import type { ItemKind } from '../item-kind';

export const bidet: ItemKind = {
  id: 'bidet',
  group: 'fixtures',
  top: 'none',
  symbol: 'bidet',
  trim: null,
  front: false,
  flat: false,
};

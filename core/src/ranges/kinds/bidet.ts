import type { ItemKind } from '../item-kind';

export const bidet: ItemKind = {
  id: 'bidet',
  name: 'Bidet',
  group: 'Fixtures',
  top: 'none',
  symbol: 'bidet',
  trim: null,
  front: false,
  flat: false,
};

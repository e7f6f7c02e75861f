import type { ItemKind } from '../item-kind';

export const tubFree: ItemKind = {
  id: 'tub-free',
  name: 'Bath, free-standing',
  group: 'Fixtures',
  top: 'none',
  symbol: 'bath',
  trim: null,
  front: false,
  flat: false,
};

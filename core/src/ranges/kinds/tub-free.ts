import type { ItemKind } from '../item-kind';

export const tubFree: ItemKind = {
  id: 'tub-free',
  group: 'fixtures',
  top: 'none',
  symbol: 'bath',
  trim: null,
  front: false,
  flat: false,
};

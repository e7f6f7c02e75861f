import type { ItemKind } from '../item-kind';

export const tub: ItemKind = {
  id: 'tub',
  group: 'fixtures',
  top: 'none',
  symbol: 'bath',
  sided: true,
  trim: null,
  front: false,
  flat: false,
};

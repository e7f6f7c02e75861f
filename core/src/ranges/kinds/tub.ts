import type { ItemKind } from '../item-kind';

export const tub: ItemKind = {
  id: 'tub',
  name: 'Bath',
  group: 'Fixtures',
  top: 'none',
  symbol: 'bath',
  sided: true,
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const hood: ItemKind = {
  id: 'hood',
  group: 'appliances',
  top: 'none',
  symbol: 'hood',
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const hood: ItemKind = {
  id: 'hood',
  name: 'Hood',
  group: 'Appliances',
  top: 'none',
  symbol: 'hood',
  trim: null,
  front: false,
  flat: false,
};

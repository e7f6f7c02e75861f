import type { ItemKind } from '../item-kind';

export const refrigerator: ItemKind = {
  id: 'refrigerator',
  name: 'Refrigerator',
  group: 'Appliances',
  top: 'breaks',
  symbol: 'refrigerator',
  opens: 'doors',
  trim: null,
  front: true,
  flat: false,
};

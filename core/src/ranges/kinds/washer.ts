import type { ItemKind } from '../item-kind';

export const washer: ItemKind = {
  id: 'washer',
  name: 'Washing machine',
  group: 'Appliances',
  top: 'breaks',
  symbol: 'machine',
  opens: 'doors',
  trim: null,
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const fridgeUnder: ItemKind = {
  id: 'fridge-under',
  name: 'Refrigerator, under the top',
  group: 'Appliances',
  top: 'under',
  symbol: 'machine',
  opens: 'doors',
  trim: null,
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

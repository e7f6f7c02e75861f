import type { ItemKind } from '../item-kind';

export const fridgeUnder: ItemKind = {
  id: 'fridge-under',
  group: 'appliances',
  top: 'under',
  symbol: 'machine',
  opens: 'doors',
  trim: null,
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

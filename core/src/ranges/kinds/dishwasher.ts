import type { ItemKind } from '../item-kind';

export const dishwasher: ItemKind = {
  id: 'dishwasher',
  group: 'appliances',
  top: 'under',
  symbol: 'dishwasher',
  opens: 'down',
  trim: null,
  rows: [{ shows: 'drop' }],
  front: true,
  flat: false,
};

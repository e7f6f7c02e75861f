import type { ItemKind } from '../item-kind';

export const dishwasher: ItemKind = {
  id: 'dishwasher',
  name: 'Dishwasher',
  group: 'Appliances',
  top: 'under',
  symbol: 'dishwasher',
  opens: 'down',
  trim: null,
  front: true,
  flat: false,
};

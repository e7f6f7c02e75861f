import type { ItemKind } from '../item-kind';

export const dishwasher: ItemKind = {
  id: 'dishwasher',
  name: 'Dishwasher',
  top: 'under',
  symbol: 'dishwasher',
  trim: null,
  front: true,
  flat: false,
};

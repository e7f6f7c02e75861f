import type { ItemKind } from '../item-kind';

export const oven: ItemKind = {
  id: 'oven',
  name: 'Oven',
  group: 'Appliances',
  top: 'none',
  symbol: 'oven',
  opens: 'down',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: null,
  rows: [{ shows: 'controls', high: 100 }, { shows: 'drop' }],
  front: false,
  flat: false,
};

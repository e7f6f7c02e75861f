import type { ItemKind } from '../item-kind';

export const oven: ItemKind = {
  id: 'oven',
  group: 'appliances',
  top: 'none',
  symbol: 'oven',
  opens: 'down',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: null,
  rows: [{ shows: 'controls', high: 100 }, { shows: 'drop' }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const plinth: ItemKind = {
  id: 'plinth',
  name: 'Plinth',
  group: 'Trim',
  top: 'none',
  symbol: 'panel',
  edge: 'foot',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels', 'Appliances'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

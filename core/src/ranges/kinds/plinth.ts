import type { ItemKind } from '../item-kind';

export const plinth: ItemKind = {
  id: 'plinth',
  group: 'trim',
  top: 'none',
  symbol: 'panel',
  edge: 'foot',
  within: ['base', 'wall', 'tall', 'vanity', 'panels', 'appliances'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

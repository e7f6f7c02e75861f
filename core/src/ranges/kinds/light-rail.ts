import type { ItemKind } from '../item-kind';

export const lightRail: ItemKind = {
  id: 'light-rail',
  group: 'trim',
  top: 'none',
  symbol: 'wall',
  edge: 'underside',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

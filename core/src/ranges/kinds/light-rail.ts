import type { ItemKind } from '../item-kind';

export const lightRail: ItemKind = {
  id: 'light-rail',
  name: 'Light rail',
  group: 'Trim',
  top: 'none',
  symbol: 'wall',
  edge: 'underside',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

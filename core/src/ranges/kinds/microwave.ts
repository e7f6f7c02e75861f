import type { ItemKind } from '../item-kind';

export const microwave: ItemKind = {
  id: 'microwave',
  group: 'appliances',
  top: 'none',
  symbol: 'wall',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: null,
  rows: [{ shows: 'doors', single: true, glass: true }],
  front: false,
  flat: false,
};

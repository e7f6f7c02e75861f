import type { ItemKind } from '../item-kind';

export const microwave: ItemKind = {
  id: 'microwave',
  name: 'Microwave',
  group: 'Appliances',
  top: 'none',
  symbol: 'wall',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: null,
  rows: [{ shows: 'doors', single: true, glass: true }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const hob: ItemKind = {
  id: 'hob',
  name: 'Hob',
  group: 'Appliances',
  top: 'none',
  symbol: 'hob',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: null,
  front: false,
  flat: false,
};

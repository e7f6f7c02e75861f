import type { ItemKind } from '../item-kind';

export const hob: ItemKind = {
  id: 'hob',
  group: 'appliances',
  top: 'none',
  symbol: 'hob',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: null,
  front: false,
  flat: false,
};

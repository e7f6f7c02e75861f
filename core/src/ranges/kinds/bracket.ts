import type { ItemKind } from '../item-kind';

export const bracket: ItemKind = {
  id: 'bracket',
  group: 'panels',
  top: 'none',
  symbol: 'panel',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: null,
  front: false,
  flat: true,
};

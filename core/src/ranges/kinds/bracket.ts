import type { ItemKind } from '../item-kind';

export const bracket: ItemKind = {
  id: 'bracket',
  name: 'Bracket',
  group: 'Panels',
  top: 'none',
  symbol: 'panel',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: null,
  front: false,
  flat: true,
};

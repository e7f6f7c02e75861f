import type { ItemKind } from '../item-kind';

export const basinInset: ItemKind = {
  id: 'basin-inset',
  group: 'fixtures',
  top: 'none',
  symbol: 'sink-bowl',
  within: ['base', 'vanity', 'panels'],
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const basinInset: ItemKind = {
  id: 'basin-inset',
  name: 'Basin, inset',
  group: 'Fixtures',
  top: 'none',
  symbol: 'sink-bowl',
  within: ['Base', 'Vanity', 'Panels'],
  trim: null,
  front: false,
  flat: false,
};

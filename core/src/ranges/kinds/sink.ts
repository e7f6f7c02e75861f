import type { ItemKind } from '../item-kind';

export const sink: ItemKind = {
  id: 'sink',
  name: 'Kitchen sink',
  group: 'Fixtures',
  top: 'none',
  symbol: 'sink-bowl',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: null,
  front: false,
  flat: false,
};

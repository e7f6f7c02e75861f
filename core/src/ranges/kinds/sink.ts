import type { ItemKind } from '../item-kind';

export const sink: ItemKind = {
  id: 'sink',
  group: 'fixtures',
  top: 'none',
  symbol: 'sink-bowl',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const basinHung: ItemKind = {
  id: 'basin-hung',
  name: 'Basin, wall hung',
  group: 'Fixtures',
  top: 'none',
  symbol: 'basin',
  within: ['Vanity'],
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const basinHung: ItemKind = {
  id: 'basin-hung',
  group: 'fixtures',
  top: 'none',
  symbol: 'basin',
  within: ['vanity'],
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const paperHolder: ItemKind = {
  id: 'paper-holder',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

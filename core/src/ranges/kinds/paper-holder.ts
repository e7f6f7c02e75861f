import type { ItemKind } from '../item-kind';

export const paperHolder: ItemKind = {
  id: 'paper-holder',
  name: 'Paper holder',
  group: 'Accessories',
  top: 'none',
  symbol: 'rail',
  trim: null,
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const tallFridge: ItemKind = {
  id: 'tall-fridge',
  group: 'tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: null,
  rows: [
    { shows: 'doors', share: 3 },
    { shows: 'doors', share: 2 },
  ],
  front: true,
  flat: false,
};

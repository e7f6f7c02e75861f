import type { ItemKind } from '../item-kind';

export const tallFridge: ItemKind = {
  id: 'tall-fridge',
  name: 'Refrigerator housing',
  group: 'Tall',
  top: 'breaks',
  symbol: 'tall',
  trim: null,
  front: true,
  flat: false,
};

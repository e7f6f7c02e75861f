import type { ItemKind } from '../item-kind';

export const tallOven: ItemKind = {
  id: 'tall-oven',
  name: 'Oven housing',
  group: 'Tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: null,
  front: true,
  flat: false,
};

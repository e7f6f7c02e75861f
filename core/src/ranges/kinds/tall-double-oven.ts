import type { ItemKind } from '../item-kind';

export const tallDoubleOven: ItemKind = {
  id: 'tall-double-oven',
  name: 'Double oven housing',
  group: 'Tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: null,
  front: true,
  flat: false,
};

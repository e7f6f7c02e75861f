import type { ItemKind } from '../item-kind';

export const tallPantry: ItemKind = {
  id: 'tall-pantry',
  name: 'Pantry',
  group: 'Tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: { least: 250, most: 1220 },
  front: true,
  flat: false,
};

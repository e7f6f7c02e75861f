import type { ItemKind } from '../item-kind';

export const tallPantry: ItemKind = {
  id: 'tall-pantry',
  group: 'tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: { least: 250, most: 1220 },
  rows: [
    { shows: 'doors', share: 2 },
    { shows: 'doors', share: 3 },
  ],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const tallBroom: ItemKind = {
  id: 'tall-broom',
  group: 'tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: { least: 300, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const tallOven: ItemKind = {
  id: 'tall-oven',
  group: 'tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: null,
  rows: [
    { shows: 'doors' },
    { shows: 'niche', high: 595 },
    { shows: 'drawer', high: 300 },
    { shows: 'drawer', high: 300 },
  ],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const vanityTower: ItemKind = {
  id: 'vanity-tower',
  group: 'tall',
  top: 'breaks',
  symbol: 'tall',
  opens: 'doors',
  trim: { least: 250, most: 700 },
  rows: [{ shows: 'doors' }, { shows: 'drawer', high: 200 }],
  front: true,
  flat: false,
};

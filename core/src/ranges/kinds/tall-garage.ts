import type { ItemKind } from '../item-kind';

export const tallGarage: ItemKind = {
  id: 'tall-garage',
  group: 'tall',
  top: 'none',
  symbol: 'open',
  opens: 'up',
  trim: { least: 400, most: 1000 },
  rows: [{ shows: 'flap' }],
  front: false,
  flat: false,
};

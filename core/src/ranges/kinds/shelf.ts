import type { ItemKind } from '../item-kind';

export const shelf: ItemKind = {
  id: 'shelf',
  group: 'panels',
  top: 'none',
  symbol: 'wall',
  trim: { least: 100, most: 3600 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const valance: ItemKind = {
  id: 'valance',
  group: 'panels',
  top: 'none',
  symbol: 'wall',
  trim: { least: 100, most: 3000 },
  front: false,
  flat: true,
};

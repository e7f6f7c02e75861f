import type { ItemKind } from '../item-kind';

export const valance: ItemKind = {
  id: 'valance',
  name: 'Valance',
  group: 'Panels',
  top: 'none',
  symbol: 'wall',
  trim: { least: 100, most: 3000 },
  front: false,
  flat: true,
};

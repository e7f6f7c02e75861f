import type { ItemKind } from '../item-kind';

export const table: ItemKind = {
  id: 'table',
  group: 'furniture',
  top: 'none',
  symbol: 'box',
  trim: { least: 300, most: 4000 },
  front: false,
  flat: false,
};

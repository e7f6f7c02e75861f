import type { ItemKind } from '../item-kind';

export const table: ItemKind = {
  id: 'table',
  name: 'Table',
  group: 'Furniture',
  top: 'none',
  symbol: 'box',
  trim: { least: 300, most: 4000 },
  front: false,
  flat: false,
};

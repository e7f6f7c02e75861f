import type { ItemKind } from '../item-kind';

export const bench: ItemKind = {
  id: 'bench',
  name: 'Bench',
  group: 'Furniture',
  top: 'none',
  symbol: 'box',
  within: ['Fixtures', 'Furniture'],
  trim: { least: 300, most: 4000 },
  front: false,
  flat: false,
};

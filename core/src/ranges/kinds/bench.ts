import type { ItemKind } from '../item-kind';

export const bench: ItemKind = {
  id: 'bench',
  group: 'furniture',
  top: 'none',
  symbol: 'box',
  within: ['fixtures', 'furniture'],
  trim: { least: 300, most: 4000 },
  front: false,
  flat: false,
};

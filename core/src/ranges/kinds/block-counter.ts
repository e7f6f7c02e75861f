import type { ItemKind } from '../item-kind';

export const blockCounter: ItemKind = {
  id: 'block-counter',
  name: 'Counter, blocked out',
  group: 'Shapes',
  top: 'under',
  symbol: 'box',
  trim: { least: 100, most: 4000 },
  front: true,
  flat: false,
};

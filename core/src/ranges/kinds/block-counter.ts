import type { ItemKind } from '../item-kind';

export const blockCounter: ItemKind = {
  id: 'block-counter',
  group: 'shapes',
  top: 'under',
  symbol: 'box',
  trim: { least: 100, most: 4000 },
  front: true,
  flat: false,
};

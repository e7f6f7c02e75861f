import type { ItemKind } from '../item-kind';

export const shapeBox: ItemKind = {
  id: 'shape-box',
  group: 'shapes',
  top: 'none',
  symbol: 'box',
  trim: { least: 1, most: 4000 },
  front: false,
  flat: false,
};

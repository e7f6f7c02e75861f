import type { ItemKind } from '../item-kind';

export const shapeBox: ItemKind = {
  id: 'shape-box',
  name: 'Box',
  group: 'Shapes',
  top: 'none',
  symbol: 'box',
  trim: { least: 1, most: 4000 },
  front: false,
  flat: false,
};

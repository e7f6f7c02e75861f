import type { ItemKind } from '../item-kind';

export const shapeOutline: ItemKind = {
  id: 'shape-outline',
  group: 'shapes',
  top: 'none',
  symbol: 'box',
  plan: 'any',
  trim: { least: 1, most: 4000 },
  front: false,
  flat: false,
};

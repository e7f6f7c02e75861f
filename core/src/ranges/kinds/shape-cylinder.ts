import type { ItemKind } from '../item-kind';

export const shapeCylinder: ItemKind = {
  id: 'shape-cylinder',
  group: 'shapes',
  top: 'none',
  symbol: 'box',
  plan: 'round',
  trim: { least: 1, most: 4000 },
  front: false,
  flat: false,
};

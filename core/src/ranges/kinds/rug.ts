import type { ItemKind } from '../item-kind';

export const rug: ItemKind = {
  id: 'rug',
  group: 'dressing',
  top: 'none',
  symbol: 'rug',
  loose: true,
  trim: { least: 300, most: 6000 },
  front: false,
  flat: false,
};

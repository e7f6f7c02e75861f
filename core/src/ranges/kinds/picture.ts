import type { ItemKind } from '../item-kind';

export const picture: ItemKind = {
  id: 'picture',
  group: 'dressing',
  top: 'none',
  symbol: 'rail',
  trim: { least: 100, most: 3000 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const mirrorRound: ItemKind = {
  id: 'mirror-round',
  group: 'accessories',
  top: 'none',
  symbol: 'rail',
  trim: { least: 100, most: 3000 },
  front: false,
  flat: true,
};

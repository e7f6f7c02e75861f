import type { ItemKind } from '../item-kind';

export const fillerCorner: ItemKind = {
  id: 'filler-corner',
  group: 'panels',
  top: 'under',
  symbol: 'filler',
  plan: 'l',
  trim: { least: 10, most: 200 },
  front: false,
  flat: true,
};

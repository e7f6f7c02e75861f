import type { ItemKind } from '../item-kind';

export const filler: ItemKind = {
  id: 'filler',
  group: 'panels',
  top: 'under',
  symbol: 'filler',
  trim: { least: 6, most: 153 },
  front: false,
  flat: true,
};

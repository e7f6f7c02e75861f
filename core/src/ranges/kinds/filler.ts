import type { ItemKind } from '../item-kind';

export const filler: ItemKind = {
  id: 'filler',
  name: 'Filler',
  group: 'Panels',
  top: 'under',
  symbol: 'filler',
  trim: { least: 6, most: 153 },
  front: false,
  flat: true,
};

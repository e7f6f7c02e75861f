import type { ItemKind } from '../item-kind';

export const fillerTall: ItemKind = {
  id: 'filler-tall',
  group: 'panels',
  top: 'none',
  symbol: 'filler',
  trim: { least: 3, most: 250 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const barTop: ItemKind = {
  id: 'bar-top',
  group: 'panels',
  top: 'none',
  symbol: 'panel',
  trim: { least: 300, most: 4000 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const fillerBlind: ItemKind = {
  id: 'filler-blind',
  group: 'panels',
  top: 'under',
  symbol: 'filler',
  trim: { least: 10, most: 300 },
  front: false,
  flat: true,
};

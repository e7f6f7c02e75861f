import type { ItemKind } from '../item-kind';

export const tableRound: ItemKind = {
  id: 'table-round',
  name: 'Round table',
  group: 'Furniture',
  top: 'none',
  symbol: 'box',
  plan: 'round',
  trim: null,
  front: false,
  flat: false,
};

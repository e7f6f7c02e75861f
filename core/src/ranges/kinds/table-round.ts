import type { ItemKind } from '../item-kind';

export const tableRound: ItemKind = {
  id: 'table-round',
  group: 'furniture',
  top: 'none',
  symbol: 'box',
  plan: 'round',
  trim: null,
  front: false,
  flat: false,
};

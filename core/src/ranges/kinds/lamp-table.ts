import type { ItemKind } from '../item-kind';

export const lampTable: ItemKind = {
  id: 'lamp-table',
  group: 'dressing',
  top: 'none',
  symbol: 'lamp',
  plan: 'round',
  loose: true,
  trim: null,
  front: false,
  flat: false,
};

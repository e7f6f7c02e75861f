import type { ItemKind } from '../item-kind';

export const lampPendant: ItemKind = {
  id: 'lamp-pendant',
  group: 'dressing',
  top: 'none',
  symbol: 'lamp',
  plan: 'round',
  loose: true,
  fromCeiling: true,
  trim: null,
  front: false,
  flat: false,
};

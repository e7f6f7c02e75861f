import type { ItemKind } from '../item-kind';

export const lampFloor: ItemKind = {
  id: 'lamp-floor',
  group: 'dressing',
  top: 'none',
  symbol: 'lamp',
  plan: 'round',
  loose: true,
  trim: null,
  front: false,
  flat: false,
};

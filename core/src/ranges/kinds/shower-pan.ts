import type { ItemKind } from '../item-kind';

export const showerPan: ItemKind = {
  id: 'shower-pan',
  group: 'fixtures',
  top: 'none',
  symbol: 'shower',
  trim: null,
  front: false,
  flat: false,
};

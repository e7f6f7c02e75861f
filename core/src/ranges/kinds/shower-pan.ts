import type { ItemKind } from '../item-kind';

export const showerPan: ItemKind = {
  id: 'shower-pan',
  name: 'Shower tray',
  group: 'Fixtures',
  top: 'none',
  symbol: 'shower',
  trim: null,
  front: false,
  flat: false,
};

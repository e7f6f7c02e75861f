import type { ItemKind } from '../item-kind';

export const showerGlass: ItemKind = {
  id: 'shower-glass',
  name: 'Shower glass',
  group: 'Fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  within: ['Fixtures'],
  trim: { least: 200, most: 2000 },
  front: false,
  flat: true,
};

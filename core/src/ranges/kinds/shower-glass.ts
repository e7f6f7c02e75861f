import type { ItemKind } from '../item-kind';

export const showerGlass: ItemKind = {
  id: 'shower-glass',
  group: 'fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  within: ['fixtures'],
  trim: { least: 200, most: 2000 },
  front: false,
  flat: true,
};

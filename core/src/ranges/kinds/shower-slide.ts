import type { ItemKind } from '../item-kind';

export const showerSlide: ItemKind = {
  id: 'shower-slide',
  group: 'fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  within: ['fixtures'],
  trim: { least: 900, most: 2000 },
  front: false,
  flat: true,
};

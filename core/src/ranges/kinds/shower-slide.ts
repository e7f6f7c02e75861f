import type { ItemKind } from '../item-kind';

export const showerSlide: ItemKind = {
  id: 'shower-slide',
  name: 'Sliding shower glass',
  group: 'Fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  within: ['Fixtures'],
  trim: { least: 900, most: 2000 },
  front: false,
  flat: true,
};

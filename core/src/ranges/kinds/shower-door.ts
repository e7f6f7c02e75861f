import type { ItemKind } from '../item-kind';

export const showerDoor: ItemKind = {
  id: 'shower-door',
  name: 'Shower door',
  group: 'Fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  opens: 'doors',
  within: ['Fixtures'],
  trim: { least: 400, most: 1000 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const showerDoor: ItemKind = {
  id: 'shower-door',
  group: 'fixtures',
  top: 'none',
  symbol: 'panel',
  edge: 'tray',
  opens: 'doors',
  within: ['fixtures'],
  trim: { least: 400, most: 1000 },
  front: false,
  flat: true,
};

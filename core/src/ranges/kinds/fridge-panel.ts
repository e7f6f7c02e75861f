import type { ItemKind } from '../item-kind';

export const fridgePanel: ItemKind = {
  id: 'fridge-panel',
  group: 'panels',
  top: 'breaks',
  symbol: 'panel',
  trim: { least: 10, most: 80 },
  front: false,
  flat: true,
};

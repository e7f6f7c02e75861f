import type { ItemKind } from '../item-kind';

export const backPanel: ItemKind = {
  id: 'back-panel',
  group: 'panels',
  top: 'none',
  symbol: 'panel',
  trim: { least: 100, most: 3600 },
  front: false,
  flat: true,
};

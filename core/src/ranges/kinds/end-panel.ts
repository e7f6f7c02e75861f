import type { ItemKind } from '../item-kind';

export const endPanel: ItemKind = {
  id: 'end-panel',
  group: 'panels',
  top: 'under',
  symbol: 'panel',
  trim: null,
  front: false,
  flat: true,
};

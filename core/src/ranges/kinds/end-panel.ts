import type { ItemKind } from '../item-kind';

export const endPanel: ItemKind = {
  id: 'end-panel',
  name: 'End panel',
  group: 'Panels',
  top: 'under',
  symbol: 'panel',
  trim: null,
  front: false,
  flat: true,
};

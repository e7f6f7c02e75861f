import type { ItemKind } from '../item-kind';

export const cooker: ItemKind = {
  id: 'cooker',
  group: 'appliances',
  top: 'breaks',
  symbol: 'cooker',
  opens: 'down',
  trim: null,
  rows: [{ shows: 'controls', high: 110 }, { shows: 'drop' }, { shows: 'drawer', high: 160 }],
  front: true,
  flat: false,
};

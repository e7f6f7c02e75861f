import type { ItemKind } from '../item-kind';

export const washer: ItemKind = {
  id: 'washer',
  group: 'appliances',
  top: 'breaks',
  symbol: 'machine',
  opens: 'doors',
  trim: null,
  rows: [{ shows: 'controls', high: 110 }, { shows: 'port' }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const dryer: ItemKind = {
  id: 'dryer',
  group: 'appliances',
  top: 'breaks',
  symbol: 'machine',
  opens: 'doors',
  trim: null,
  rows: [{ shows: 'controls', high: 110 }, { shows: 'port' }],
  front: true,
  flat: false,
};

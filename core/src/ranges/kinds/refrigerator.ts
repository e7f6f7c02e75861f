import type { ItemKind } from '../item-kind';

export const refrigerator: ItemKind = {
  id: 'refrigerator',
  group: 'appliances',
  top: 'breaks',
  symbol: 'refrigerator',
  opens: 'doors',
  trim: null,
  rows: [
    { shows: 'doors', share: 2, single: true },
    { shows: 'drawer', share: 1 },
  ],
  front: true,
  flat: false,
};

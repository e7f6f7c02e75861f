import type { ItemKind } from '../item-kind';

export const vanityHung: ItemKind = {
  id: 'vanity-hung',
  group: 'vanity',
  top: 'under',
  symbol: 'drawers',
  opens: 'drawers',
  trim: { least: 300, most: 1500 },
  rows: [{ shows: 'drawers' }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const vanityDrawers: ItemKind = {
  id: 'vanity-drawers',
  group: 'vanity',
  top: 'under',
  symbol: 'drawers',
  opens: 'drawers',
  trim: { least: 300, most: 1220 },
  rows: [{ shows: 'drawers' }],
  front: true,
  flat: false,
};

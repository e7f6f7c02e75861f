import type { ItemKind } from '../item-kind';

export const baseDrawers: ItemKind = {
  id: 'base-drawers',
  group: 'base',
  top: 'under',
  symbol: 'drawers',
  opens: 'drawers',
  trim: { least: 300, most: 1220 },
  rows: [{ shows: 'drawers' }],
  front: true,
  flat: false,
};

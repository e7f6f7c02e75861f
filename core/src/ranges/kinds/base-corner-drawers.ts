import type { ItemKind } from '../item-kind';

export const baseCornerDrawers: ItemKind = {
  id: 'base-corner-drawers',
  group: 'base',
  top: 'under',
  symbol: 'corner',
  plan: 'l',
  opens: 'drawers',
  trim: { least: 800, most: 1200 },
  rows: [{ shows: 'drawers' }],
  front: true,
  flat: false,
};

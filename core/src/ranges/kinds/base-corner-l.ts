import type { ItemKind } from '../item-kind';

export const baseCornerL: ItemKind = {
  id: 'base-corner-l',
  group: 'base',
  top: 'under',
  symbol: 'corner',
  plan: 'l',
  opens: 'doors',
  trim: { least: 700, most: 1200 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

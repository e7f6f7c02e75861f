import type { ItemKind } from '../item-kind';

export const baseCornerL: ItemKind = {
  id: 'base-corner-l',
  name: 'Corner base',
  group: 'Base',
  top: 'under',
  symbol: 'corner',
  plan: 'l',
  opens: 'doors',
  trim: { least: 700, most: 1200 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const baseCornerDiagonal: ItemKind = {
  id: 'base-corner-diagonal',
  group: 'base',
  top: 'under',
  symbol: 'corner',
  plan: 'diagonal',
  opens: 'doors',
  trim: { least: 700, most: 1200 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

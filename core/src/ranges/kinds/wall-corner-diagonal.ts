import type { ItemKind } from '../item-kind';

export const wallCornerDiagonal: ItemKind = {
  id: 'wall-corner-diagonal',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  plan: 'diagonal',
  opens: 'doors',
  trim: { least: 500, most: 800 },
  rows: [{ shows: 'doors', single: true }],
  front: false,
  flat: false,
};

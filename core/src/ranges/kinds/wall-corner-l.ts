import type { ItemKind } from '../item-kind';

export const wallCornerL: ItemKind = {
  id: 'wall-corner-l',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  plan: 'l',
  opens: 'doors',
  trim: { least: 500, most: 800 },
  rows: [{ shows: 'doors', single: true }],
  front: false,
  flat: false,
};

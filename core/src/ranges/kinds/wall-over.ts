import type { ItemKind } from '../item-kind';

export const wallOver: ItemKind = {
  id: 'wall-over',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  opens: 'doors',
  trim: { least: 400, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const wallOver: ItemKind = {
  id: 'wall-over',
  name: 'Wall cabinet over',
  group: 'Wall',
  top: 'none',
  symbol: 'wall',
  opens: 'doors',
  trim: { least: 400, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: false,
  flat: false,
};

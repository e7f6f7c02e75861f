import type { ItemKind } from '../item-kind';

export const wallDoors: ItemKind = {
  id: 'wall-doors',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  opens: 'doors',
  trim: { least: 200, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: false,
  flat: false,
};

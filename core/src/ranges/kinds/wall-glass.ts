import type { ItemKind } from '../item-kind';

export const wallGlass: ItemKind = {
  id: 'wall-glass',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  opens: 'doors',
  trim: { least: 250, most: 1220 },
  rows: [{ shows: 'doors', glass: true }],
  front: false,
  flat: false,
};

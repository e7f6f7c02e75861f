import type { ItemKind } from '../item-kind';

export const wallLiftUp: ItemKind = {
  id: 'wall-lift-up',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  opens: 'up',
  trim: { least: 400, most: 1220 },
  rows: [{ shows: 'flap' }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const wallMicrowave: ItemKind = {
  id: 'wall-microwave',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  opens: 'up',
  trim: { least: 450, most: 800 },
  rows: [{ shows: 'flap' }, { shows: 'niche', high: 380 }],
  front: false,
  flat: false,
};

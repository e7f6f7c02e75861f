import type { ItemKind } from '../item-kind';

export const wallMicrowave: ItemKind = {
  id: 'wall-microwave',
  name: 'Microwave wall cabinet',
  group: 'Wall',
  top: 'none',
  symbol: 'wall',
  opens: 'up',
  trim: { least: 450, most: 800 },
  rows: [{ shows: 'flap' }, { shows: 'niche', high: 380 }],
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const baseOven: ItemKind = {
  id: 'base-oven',
  group: 'base',
  top: 'under',
  symbol: 'oven',
  opens: 'down',
  trim: null,
  rows: [{ shows: 'niche', high: 595 }, { shows: 'panel' }],
  front: true,
  flat: false,
};

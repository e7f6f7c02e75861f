import type { ItemKind } from '../item-kind';

export const baseWaste: ItemKind = {
  id: 'base-waste',
  group: 'base',
  top: 'under',
  symbol: 'doors',
  opens: 'drawers',
  trim: { least: 250, most: 700 },
  rows: [{ shows: 'drawer' }],
  front: true,
  flat: false,
};

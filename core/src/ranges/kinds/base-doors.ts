import type { ItemKind } from '../item-kind';

export const baseDoors: ItemKind = {
  id: 'base-doors',
  group: 'base',
  top: 'under',
  symbol: 'doors',
  opens: 'doors',
  trim: { least: 150, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

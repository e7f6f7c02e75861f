import type { ItemKind } from '../item-kind';

export const vanityDoors: ItemKind = {
  id: 'vanity-doors',
  group: 'vanity',
  top: 'under',
  symbol: 'doors',
  opens: 'doors',
  trim: { least: 250, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

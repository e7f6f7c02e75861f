import type { ItemKind } from '../item-kind';

export const vanitySink: ItemKind = {
  id: 'vanity-sink',
  group: 'vanity',
  top: 'under',
  symbol: 'sink',
  opens: 'doors',
  trim: { least: 450, most: 1524 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

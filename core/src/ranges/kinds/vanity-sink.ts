import type { ItemKind } from '../item-kind';

export const vanitySink: ItemKind = {
  id: 'vanity-sink',
  name: 'Vanity, basin',
  group: 'Vanity',
  top: 'under',
  symbol: 'sink',
  opens: 'doors',
  trim: { least: 450, most: 1524 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

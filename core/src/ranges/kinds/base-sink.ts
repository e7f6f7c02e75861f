import type { ItemKind } from '../item-kind';

export const baseSink: ItemKind = {
  id: 'base-sink',
  group: 'base',
  top: 'under',
  symbol: 'sink',
  opens: 'doors',
  trim: { least: 450, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

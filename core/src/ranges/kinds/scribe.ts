import type { ItemKind } from '../item-kind';

export const scribe: ItemKind = {
  id: 'scribe',
  group: 'trim',
  top: 'none',
  symbol: 'panel',
  trim: { least: 3, most: 80 },
  front: false,
  flat: true,
};

import type { ItemKind } from '../item-kind';

export const baseHob: ItemKind = {
  id: 'base-hob',
  group: 'base',
  top: 'under',
  symbol: 'hob',
  opens: 'doors',
  trim: { least: 450, most: 1220 },
  rows: [{ shows: 'doors' }],
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const baseCornerPullOut: ItemKind = {
  id: 'base-corner-pull-out',
  group: 'base',
  top: 'under',
  symbol: 'blind',
  blind: true,
  opens: 'doors',
  trim: { least: 800, most: 1300 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

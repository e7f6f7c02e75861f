import type { ItemKind } from '../item-kind';

export const baseBlind: ItemKind = {
  id: 'base-blind',
  group: 'base',
  top: 'under',
  symbol: 'blind',
  blind: true,
  opens: 'doors',
  trim: { least: 450, most: 1524 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

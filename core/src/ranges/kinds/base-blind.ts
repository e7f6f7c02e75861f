import type { ItemKind } from '../item-kind';

export const baseBlind: ItemKind = {
  id: 'base-blind',
  name: 'Blind corner base',
  group: 'Base',
  top: 'under',
  symbol: 'blind',
  blind: true,
  opens: 'doors',
  trim: { least: 450, most: 1524 },
  rows: [{ shows: 'doors', single: true }],
  front: true,
  flat: false,
};

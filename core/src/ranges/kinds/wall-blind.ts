import type { ItemKind } from '../item-kind';

export const wallBlind: ItemKind = {
  id: 'wall-blind',
  group: 'wall',
  top: 'none',
  symbol: 'wall',
  blind: true,
  opens: 'doors',
  trim: { least: 450, most: 1220 },
  rows: [{ shows: 'doors', single: true }],
  front: false,
  flat: false,
};

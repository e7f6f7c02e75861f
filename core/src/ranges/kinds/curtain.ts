import type { ItemKind } from '../item-kind';

export const curtain: ItemKind = {
  id: 'curtain',
  group: 'dressing',
  top: 'none',
  symbol: 'curtain',
  over: true,
  trim: { least: 300, most: 6000 },
  front: false,
  flat: true,
};

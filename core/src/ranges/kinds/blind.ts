import type { ItemKind } from '../item-kind';

export const blind: ItemKind = {
  id: 'blind',
  group: 'dressing',
  top: 'none',
  symbol: 'rail',
  over: true,
  trim: { least: 200, most: 3000 },
  front: false,
  flat: true,
};

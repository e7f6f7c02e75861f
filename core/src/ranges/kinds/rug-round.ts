import type { ItemKind } from '../item-kind';

export const rugRound: ItemKind = {
  id: 'rug-round',
  group: 'dressing',
  top: 'none',
  symbol: 'rug',
  plan: 'round',
  loose: true,
  trim: { least: 300, most: 6000 },
  front: false,
  flat: false,
};

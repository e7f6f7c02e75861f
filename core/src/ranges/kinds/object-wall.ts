import type { ItemKind } from '../item-kind';

export const objectWall: ItemKind = {
  id: 'object-wall',
  group: 'dressing',
  top: 'none',
  symbol: 'object',
  plan: 'any',
  over: true,
  trim: null,
  front: false,
  flat: false,
};

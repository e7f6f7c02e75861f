import type { ItemKind } from '../item-kind';

export const fillerWall: ItemKind = {
  id: 'filler-wall',
  group: 'panels',
  top: 'none',
  symbol: 'wall',
  trim: { least: 3, most: 250 },
  front: false,
  flat: true,
};

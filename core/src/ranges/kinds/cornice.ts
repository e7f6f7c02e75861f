import type { ItemKind } from '../item-kind';

export const cornice: ItemKind = {
  id: 'cornice',
  group: 'trim',
  top: 'none',
  symbol: 'wall',
  edge: 'top',
  within: ['base', 'wall', 'tall', 'vanity', 'panels'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

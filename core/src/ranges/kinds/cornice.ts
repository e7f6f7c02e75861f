import type { ItemKind } from '../item-kind';

export const cornice: ItemKind = {
  id: 'cornice',
  name: 'Cornice',
  group: 'Trim',
  top: 'none',
  symbol: 'wall',
  edge: 'top',
  within: ['Base', 'Wall', 'Tall', 'Vanity', 'Panels'],
  trim: { least: 50, most: 4000 },
  front: false,
  flat: true,
};

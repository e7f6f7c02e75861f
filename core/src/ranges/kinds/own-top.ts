import { MOST_ITEM } from '../../document/limits';
import type { ItemKind } from '../item-kind';

export const ownTop: ItemKind = {
  id: 'own-top',
  group: 'panels',
  top: 'own',
  symbol: 'panel',
  plan: 'any',
  trim: { least: 1, most: MOST_ITEM },
  front: false,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const cooker: ItemKind = {
  id: 'cooker',
  name: 'Range',
  top: 'breaks',
  symbol: 'cooker',
  trim: null,
  front: true,
  flat: false,
};

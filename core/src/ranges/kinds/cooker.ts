import type { ItemKind } from '../item-kind';

export const cooker: ItemKind = {
  id: 'cooker',
  name: 'Range',
  group: 'Appliances',
  top: 'breaks',
  symbol: 'cooker',
  opens: 'down',
  trim: null,
  front: true,
  flat: false,
};

import type { ItemKind } from '../item-kind';

export const applianceDoor: ItemKind = {
  id: 'appliance-door',
  group: 'panels',
  top: 'none',
  symbol: 'panel',
  within: ['appliances', 'base'],
  trim: { least: 300, most: 900 },
  rows: [{ shows: 'panel' }],
  front: false,
  flat: true,
};

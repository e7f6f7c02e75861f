import type { ItemKind } from '../item-kind';

export const applianceDoor: ItemKind = {
  id: 'appliance-door',
  name: 'Appliance door',
  group: 'Panels',
  top: 'none',
  symbol: 'panel',
  within: ['Appliances', 'Base'],
  trim: { least: 300, most: 900 },
  rows: [{ shows: 'panel' }],
  front: false,
  flat: true,
};

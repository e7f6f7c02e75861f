import type { ItemKind } from '../item-kind';

export const baseDoorDrawer: ItemKind = {
  id: 'base-door-drawer',
  group: 'base',
  top: 'under',
  symbol: 'doors',
  opens: 'doors',
  trim: { least: 200, most: 1220 },
  rows: [{ shows: 'drawer', high: 145 }, { shows: 'doors' }],
  front: true,
  flat: false,
};

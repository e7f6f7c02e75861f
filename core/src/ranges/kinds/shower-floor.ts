import type { ItemKind } from '../item-kind';

export const showerFloor: ItemKind = {
  id: 'shower-floor',
  group: 'fixtures',
  top: 'none',
  symbol: 'shower',
  trim: { least: 600, most: 4000 },
  front: false,
  flat: false,
};

import type { ItemFacts } from '../document/kinds/item-facts';

export type FactKey = keyof ItemFacts;

/** What can be known of an item beside its sizes. */
export const factNames: Readonly<Record<FactKey, string>> = {
  handle: 'The side of the handle',
  opens: 'Comes out by',
  gas: 'Cooks with gas',
  airflow: 'Airflow',
  shelves: 'Shelves',
  drawers: 'Drawers',
  receptacles: 'Receptacles',
  device: 'Device in the corner',
  recessed: 'Stands back in the corner',
  protectedBelow: 'Protected below',
  control: 'Height of the control',
  head: 'Height of the head',
  waterproof: 'Waterproof up to',
  swingsIn: 'Swings in',
  seat: 'Height of the seat',
  roughIn: 'Rough-in',
  kneeHeight: 'Knee space, height',
  kneeWidth: 'Knee space, width',
  kneeDepth: 'Knee space, depth at 27 in',
  toeDepth: 'Knee space, depth at 9 in',
};

/** The sides of a handle. */
export const handleNames = { left: 'Left', right: 'Right', both: 'Two doors' } as const;

/** What people do behind those who sit. */
export const behindSeatsNames = {
  none: 'Nobody passes',
  edge: 'People edge past',
  walk: 'People walk past',
  wheelchair: 'A wheelchair passes',
} as const;

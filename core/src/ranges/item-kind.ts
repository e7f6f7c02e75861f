/** The groups of the shelf, in its order. */
export const kindGroups = ['Base', 'Wall', 'Tall', 'Vanity', 'Appliances', 'Panels and fillers'] as const;
export type KindGroup = (typeof kindGroups)[number];

/** What every item of a kind has in common, whatever range it comes from. */
export interface ItemKind {
  /** The file's name, and the item record's type. */
  id: string;
  name: string;
  /** Where the shelf shows it. */
  group: KindGroup;
  /** Under: the countertop runs over it; breaks: the top stops at its sides; none: it is not in a run at all. */
  top: 'under' | 'breaks' | 'none';
  /** How the plan draws it. */
  symbol:
    | 'blind'
    | 'cooker'
    | 'dishwasher'
    | 'doors'
    | 'drawers'
    | 'filler'
    | 'hob'
    | 'hood'
    | 'open'
    | 'oven'
    | 'panel'
    | 'refrigerator'
    | 'sink'
    | 'tall'
    | 'wall';
  /** Whether it is built to any width within limits, mm; null for things made in one size. */
  trim: { least: number; most: number } | null;
  /** Whether its front stays proud and is worked at, so that aisles are measured from it. */
  front: boolean;
  /** Whether it stands for an order number in the schedule under a width only (fillers, panels have no box). */
  flat: boolean;
}

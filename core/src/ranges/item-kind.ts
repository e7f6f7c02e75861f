/** What every item of a kind has in common, whatever range it comes from. */
export interface ItemKind {
  /** The file's name, and the item record's type. */
  id: string;
  name: string;
  /** Under: the countertop runs over it; breaks: the top stops at its sides. */
  top: 'under' | 'breaks';
  /** How the plan draws it. */
  symbol: 'doors' | 'drawers' | 'sink' | 'dishwasher' | 'cooker' | 'refrigerator' | 'filler' | 'panel';
  /** Whether it is built to any width within limits, mm; null for things made in one size. */
  trim: { least: number; most: number } | null;
  /** Whether its front stays proud and is worked at, so that aisles are measured from it. */
  front: boolean;
  /** Whether it stands for an order number in the schedule under a width only (fillers, panels have no box). */
  flat: boolean;
}

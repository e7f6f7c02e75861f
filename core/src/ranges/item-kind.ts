import { groupNames, type KindGroup, type KindId } from '../wording/kind-names';
/** The groups of the shelf, in its order. */
export const kindGroups = Object.keys(groupNames) as KindGroup[];

/**
 * A row of what shows on a front: so high (mm), or its share of what the others leave. Doors come in one or two leaves by the width, drawers as many as the
 * family has, shelves with what stands on them open.
 */
export interface FrontRow {
  shows:
    'controls' | 'doors' | 'drawer' | 'drawers' | 'drop' | 'flap' | 'niche' | 'panel' | 'port' | 'shelves';
  high?: number;
  share?: number;
  /** Of doors. */
  glass?: boolean;
  /** One leaf, however wide. */
  single?: boolean;
  /** How many are side by side, and how wide those are from the left, mm, the last what is left. */
  across?: number;
  widths?: readonly number[];
  /** How many shelves are behind it or in it, or the clear heights under them from below, mm. */
  shelves?: number;
  clear?: readonly number[];
}

/** What every item of a kind has in common, whatever range it comes from. */
export interface ItemKind {
  /** The file's name, and the item record's type; its name is in `wording/kind-names`. */
  id: KindId;
  /** Where the shelf shows it. */
  group: KindGroup;
  /** Under: the countertop runs over it; breaks: the top stops at its sides; own: it is a top itself; none: it is not in a run at all. */
  top: 'under' | 'breaks' | 'own' | 'none';
  /** How the plan draws it. */
  symbol:
    | 'basin'
    | 'bath'
    | 'bidet'
    | 'blind'
    | 'box'
    | 'chair'
    | 'cooker'
    | 'corner'
    | 'curtain'
    | 'dishwasher'
    | 'doors'
    | 'drawers'
    | 'filler'
    | 'hob'
    | 'hood'
    | 'lamp'
    | 'machine'
    | 'object'
    | 'open'
    | 'oven'
    | 'panel'
    | 'plant'
    | 'rail'
    | 'refrigerator'
    | 'rug'
    | 'shower'
    | 'sink'
    | 'sink-bowl'
    | 'stool'
    | 'tall'
    | 'toilet'
    | 'wall';
  /** Its outline on the floor, where it is no rectangle: legs along both walls of a corner, straight or cut across; a front corner cut off; a circle; any. */
  plan?: 'l' | 'diagonal' | 'chamfer' | 'round' | 'any';
  /** Whether it stands along one wall of a corner, the end in the corner without a front. */
  blind?: true;
  /** Whether its service points are at one end, which can be either. */
  sided?: true;
  /** Whether it stands about in the room rather than against a face. */
  loose?: true;
  /** Whether it hangs down from the ceiling, however high that is. */
  fromCeiling?: true;
  /** Whether it hangs over whatever is at a face, a window too. */
  over?: true;
  /** Whether an outline of its own is that of its front, along and up, rather than on the floor. */
  upright?: true;
  /** The edge it is set along: over, under or at the foot of the fronts of cabinets, or an open edge of a shower tray. */
  edge?: 'top' | 'underside' | 'foot' | 'tray';
  /** How its front opens: leaves to the side, drawers, a flap up, a door that comes down. */
  opens?: 'doors' | 'drawers' | 'up' | 'down';
  /** What shows on its front, from the top down; nothing for what has no front to draw. */
  rows?: readonly FrontRow[];
  /** Whether those are one's own, for this item. */
  own?: true;
  /** The groups of what it may stand in or under without colliding: a hob in a base, an oven in its housing, a chair under a table. */
  within?: readonly KindGroup[];
  /** Whether it is built to any width within limits, mm; null for things made in one size. */
  trim: { least: number; most: number } | null;
  /** Whether its front stays proud and is worked at, so that aisles are measured from it. */
  front: boolean;
  /** Whether it stands for an order number in the schedule under a width only (fillers, panels have no box). */
  flat: boolean;
}

/** Whether it is put where one likes and moved by hand: nothing built is measured to it, or ends at it. */
export const isMovable = ({ group }: Pick<ItemKind, 'group'>): boolean =>
  group === 'furniture' || group === 'dressing';

/** Whether it only dresses the room: it hangs before, lies under and stands on whatever is there, and is in nobody's way. */
export const isDressing = ({ group }: Pick<ItemKind, 'group'>): boolean => group === 'dressing';

/** Whether it stands in a run: under a top, or breaking it. */
export const isInRun = ({ top }: Pick<ItemKind, 'top'>): boolean => top === 'under' || top === 'breaks';

/** Whether it is a top by itself, whatever is under it. */
export const isOwnTop = ({ top }: Pick<ItemKind, 'top'>): boolean => top === 'own';

/** The kinds of objects from outside: standing on the floor, put down on something, hung on a wall, hung down from the ceiling. */
export const objectTypes = [
  'object',
  'object-top',
  'object-wall',
  'object-ceiling',
] as const satisfies readonly KindId[];
export type ObjectType = (typeof objectTypes)[number];

/** Whether it was brought in from outside, with a model and colours of its own. */
export const isObject = ({ symbol }: Pick<ItemKind, 'symbol'>): boolean => symbol === 'object';

import type { BackWay, KickWay, SheetStuff } from '../document/way-limits';

/**
 * How the boxes of a range are made in the shop: what their boards are cut from and how they go together. Millimetres. What shows of
 * it in a room is in `ConstructionMethod`.
 */
export interface BuildMethod {
  /** Thickness of sides, bottoms, tops and what parts a box. */
  board: number;
  /** Of shelves that lie on pins. */
  shelf: number;
  /** Of doors and drawer fronts, and of the panels in framed ones. */
  front: number;
  panel: number;
  /** The back: how thick, let into a groove or a rebate so deep, and how far its own edge stays off the bottom of a groove, how far it stands in from the wall. */
  back: { thick: number; way: BackWay; deep: number; play: number; from: number };
  /** How deep bottoms, tops and what parts a box are let into its sides: 0 where they stand between them. */
  housing: number;
  /** The frame before the box: how wide its stiles and rails are, how thick. */
  frame: { wide: number; thick: number } | null;
  /** Whether a plinth belongs to its run, or the box goes down to the floor with a kick of its own. */
  kick: KickWay;
  /** Under a countertop a box has two rails for a top, so wide; a box less deep than this inside has a whole top. */
  rails: { wide: number; least: number };
  /** Loose shelves: how far back from the front of the box, how much air at either end. */
  shelves: { back: number; play: number };
  /** The rows of holes: how far apart, from the edge, how large and deep; pins carry a shelf so far over a hole's middle. */
  holes: { pitch: number; edge: number; size: number; deep: number };
  /** Cups of hinges: how large and deep, from the door's edge to the middle, from its ends. */
  hinge: { cup: number; deep: number; edge: number; end: number };
  drawer: DrawerMethod;
  /** Thickness of the edging on the front edges of boxes, and about fronts of board. */
  edging: { box: number; front: number };
  /** What boxes, their backs and drawers are cut from. */
  of: { box: SheetStuff; back: SheetStuff; drawer: SheetStuff };
}

/** What parts are cut from. */
export type Stuff = SheetStuff | 'glass' | 'solid-timber';
export type { SheetStuff } from '../document/way-limits';

/**
 * Boxes of drawers: on runners under them, which ask for so much less between the sides than the opening is wide, or at their sides,
 * which take so much on each. How thick their sides and bottoms are, how far the bottom is let in and up; the air below and above in
 * the opening; the heights they are made in, the lengths of runners, what a box is shorter than its runner and what stays free behind it.
 */
export interface DrawerMethod {
  runner: { way: 'under'; inside: number } | { way: 'side'; each: number };
  side: number;
  bottom: { thick: number; deep: number; up: number };
  below: number;
  above: number;
  heights: readonly number[];
  lengths: readonly number[];
  shorter: number;
  behind: number;
}

/** Boards of 18 with backs of 8 in grooves, rows of holes of 5 every 32, runners under the drawers. */
export const framelessBuild: BuildMethod = {
  board: 18,
  shelf: 18,
  front: 18,
  panel: 6,
  back: { thick: 8, way: 'groove', deep: 8, play: 0.5, from: 20 },
  housing: 0,
  frame: null,
  kick: 'run',
  rails: { wide: 100, least: 250 },
  shelves: { back: 20, play: 1 },
  holes: { pitch: 32, edge: 37, size: 5, deep: 12 },
  hinge: { cup: 35, deep: 13, edge: 22.5, end: 100 },
  drawer: {
    runner: { way: 'under', inside: 42 },
    side: 16,
    bottom: { thick: 8, deep: 8, up: 13 },
    below: 15,
    above: 10,
    heights: [60, 92, 124, 156, 188, 220, 252, 284],
    lengths: [250, 300, 350, 400, 450, 500, 550, 600],
    shorter: 10,
    behind: 3,
  },
  edging: { box: 1, front: 1 },
  of: { box: 'faced-board', back: 'hardboard', drawer: 'faced-board' },
};

/** Boxes of 1/2 in with bottoms let in, backs of 1/4 in in rebates, a frame of 1 1/2 by 3/4 in before them, runners at the drawers' sides. */
export const faceFrameBuild: BuildMethod = {
  board: 12.7,
  shelf: 19.05,
  front: 19.05,
  panel: 6.35,
  back: { thick: 6.35, way: 'rebate', deep: 6.35, play: 0, from: 0 },
  housing: 6.35,
  frame: { wide: 38.1, thick: 19.05 },
  kick: 'box',
  rails: { wide: 88.9, least: 228.6 },
  shelves: { back: 25.4, play: 1.5875 },
  holes: { pitch: 32, edge: 37, size: 5, deep: 10 },
  hinge: { cup: 35, deep: 13, edge: 22.5, end: 100 },
  drawer: {
    runner: { way: 'side', each: 12.7 },
    side: 12.7,
    bottom: { thick: 6.35, deep: 6.35, up: 12.7 },
    below: 6.35,
    above: 19.05,
    heights: [50.8, 76.2, 101.6, 127, 152.4, 177.8, 203.2, 254, 304.8],
    lengths: [254, 304.8, 355.6, 406.4, 457.2, 508, 558.8, 609.6],
    shorter: 0,
    behind: 12.7,
  },
  edging: { box: 0.5, front: 1 },
  of: { box: 'plywood', back: 'plywood', drawer: 'plywood' },
};

/** Lengths of how cabinets are built that can be set, with the least and the most, mm. */
export const wayLengths = {
  board: [9, 40],
  shelf: [9, 60],
  front: [16, 60],
  endPanel: [9, 60],
  gap: [0, 12],
  overlay: [5, 50],
  off: [0, 10],
  backBoard: [3, 30],
  backIn: [0, 20],
  backFrom: [0, 60],
  housing: [0, 20],
  stile: [20, 120],
  frameBoard: [12, 40],
  rail: [40, 200],
  shelfBack: [0, 100],
  holePitch: [10, 100],
  holeEdge: [15, 100],
  drawerSide: [9, 30],
  drawerBottom: [3, 20],
  runnerAir: [0, 80],
  drawerBelow: [0, 60],
  drawerAbove: [0, 60],
  boxEdging: [0, 5],
  frontEdging: [0, 5],
  plinth: [0, 400],
  plinthBack: [0, 200],
  plinthBoard: [6, 40],
  scribe: [0, 60],
} as const satisfies Record<string, readonly [least: number, most: number]>;
export type WayLength = keyof typeof wayLengths;

/** Lists of lengths: the heights boxes of drawers are made in, the lengths of runners. */
export const MOST_DRAWER_SIZES = 24;
export const LEAST_DRAWER_SIZE = 20;
export const MOST_DRAWER_SIZE = 1_200;

export const backWays = ['groove', 'rebate'] as const;
export type BackWay = (typeof backWays)[number];
export const kickWays = ['run', 'box'] as const;
export type KickWay = (typeof kickWays)[number];
export const runnerWays = ['under', 'side'] as const;
export type RunnerWay = (typeof runnerWays)[number];
/** What boxes, backs and drawers are cut from. */
export const sheetStuffs = ['faced-board', 'plywood', 'hardboard', 'mdf', 'veneered-board'] as const;
export type SheetStuff = (typeof sheetStuffs)[number];

import type { ToolKind } from './machine-limits';

/** A tool of a router: its number in the machine, its size across, how deep it reaches and how much it takes at once, mm; its turns a minute, and how fast it goes along and down, mm a minute. */
export interface MachineTool {
  number: number;
  kind: ToolKind;
  size: number;
  reach: number;
  bite: number;
  spin: number;
  feed: number;
  plunge: number;
}

/** A router with a flat bed: how large a sheet it takes, how far over the sheet it goes from place to place, how far it cuts into the board that sheets lie on. mm. */
export interface Machine {
  bed: readonly [number, number];
  clear: number;
  through: number;
  /** Parts narrower than so much are first cut but for a skin so thick, which holds them until all others are cut out; none where either is 0. */
  skin?: number;
  narrow?: number;
  tools: readonly MachineTool[];
}

const drill = (number: number, size: number, reach: number): MachineTool => ({
  ...{ number, kind: 'drill', size, reach },
  ...{ bite: reach, spin: size > 12 ? 4_000 : 5_000, feed: 1_500, plunge: 1_500 },
});
const cutter = (number: number, size: number, reach: number, feed: number): MachineTool => ({
  ...{ number, kind: 'cutter', size, reach },
  ...{ bite: size, spin: 18_000, feed, plunge: feed / 4 },
});

/** A router as most shops have one: drills for what our hardware asks for, cutters of 12, 6 and 3. */
export const usualMachine: Machine = {
  bed: [3_100, 2_150],
  clear: 15,
  through: 0.3,
  tools: [
    cutter(1, 12, 55, 9_000),
    cutter(2, 6, 26, 6_000),
    cutter(3, 3, 10, 3_000),
    drill(11, 3, 30),
    drill(12, 5, 40),
    drill(13, 8, 40),
    drill(14, 10, 40),
    drill(15, 15, 20),
    drill(16, 35, 20),
  ],
};

/** The thickest board that is usual, mm: what cuts parts out reaches through it. */
const BOARD = 19;
/** Where no cutter does parts lie so far apart all the same; so much farther in than that they stay on the sheet, mm. */
const CUTTER = 12;
const ON_SHEET = 3;

/** How far apart parts lie on a sheet that is cut on a router, and how far in: as its largest cutter that goes through a board needs. */
export function routing({ tools, through }: Machine): { kerf: number; trim: number } {
  const cutters = tools.filter(({ kind, reach }) => kind === 'cutter' && reach >= BOARD + through);
  const kerf = cutters.length > 0 ? Math.max(...cutters.map(({ size }) => size)) : CUTTER;
  return { kerf, trim: kerf + ON_SHEET };
}

/** A tool to begin with, under the next number that is free. */
export function newTool({ tools }: Machine, kind: ToolKind): MachineTool {
  const number = Math.max(0, ...tools.map((one) => one.number)) + 1;
  return kind === 'drill' ? drill(number, 8, 40) : cutter(number, 8, 30, 6_000);
}

/** What lies apart by no more is the same, mm. */
export const SAME = 1e-6;

/** The drill for a hole; null where the machine has none that reaches. */
export const drillFor = ({ tools }: Machine, size: number, depth: number): MachineTool | null =>
  tools.find(
    (one) => one.kind === 'drill' && Math.abs(one.size - size) < SAME && one.reach >= depth - SAME,
  ) ?? null;

/** The cutters that get into what is so narrow and reach so deep, the largest first. */
export const cuttersFor = ({ tools }: Machine, narrow: number, depth: number): MachineTool[] =>
  tools
    .filter((one) => one.kind === 'cutter' && one.size <= narrow + SAME && one.reach >= depth - SAME)
    .sort((a, b) => b.size - a.size);

/** What a router's tools are. */
export const toolKinds = ['cutter', 'drill'] as const;
export type ToolKind = (typeof toolKinds)[number];

/** So many tools a router has at the most. */
export const MOST_TOOLS = 60;

/** From what to what the values of a router and its tools go: mm, turns a minute, mm a minute. */
export const toolLimits = {
  number: [1, 999],
  size: [0.5, 100],
  reach: [1, 200],
  bite: [0.1, 200],
  spin: [100, 60_000],
  feed: [10, 60_000],
  plunge: [10, 60_000],
  bed: [100, 20_000],
  clear: [1, 300],
  through: [0, 5],
  skin: [0, 5],
  narrow: [0, 2_000],
} as const satisfies Record<string, readonly [least: number, most: number]>;

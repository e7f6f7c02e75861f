/** A tile as it is laid: its size along a course and across it, and the joint, mm; every other course is moved along by a share of a tile. */
export interface TileShape {
  long: number;
  high: number;
  joint: number;
  offset: number;
}

/** What a surface is finished with: how it looks, and how it is made. */
export interface Finish {
  name: string;
  of: 'paint' | 'timber' | 'stone' | 'tile';
  colour: string;
  /** How rough it is, 0 to 1. */
  rough: number;
  /** Whether a tile has a grain along it, as timber has. */
  grain?: boolean;
  tile?: TileShape & { grout: string };
}

/** The finishes surfaces can be given by name. Any other word is kept as it is written, and looks as the surface usually does. */
export const finishes: readonly Finish[] = [
  { name: 'Chalk', of: 'paint', colour: '#ece7da', rough: 0.55 },
  { name: 'Kelp', of: 'paint', colour: '#4d675b', rough: 0.5 },
  { name: 'Drift oak', of: 'timber', colour: '#c4a67f', rough: 0.55 },
  { name: 'Tarred pine', of: 'timber', colour: '#453b33', rough: 0.6 },
  { name: 'Shell', of: 'stone', colour: '#dcd8cf', rough: 0.3 },
  { name: 'Skerry', of: 'stone', colour: '#4c504f', rough: 0.3 },
  {
    name: 'Marram',
    of: 'tile',
    colour: '#c3b8a3',
    rough: 0.5,
    tile: { long: 600, high: 300, joint: 3, offset: 0, grout: '#8f8574' },
  },
  {
    name: 'Groyne',
    of: 'tile',
    colour: '#a08a70',
    rough: 0.55,
    grain: true,
    tile: { long: 900, high: 150, joint: 2, offset: 1 / 3, grout: '#5f5243' },
  },
  {
    name: 'Samphire',
    of: 'tile',
    colour: '#8fa78f',
    rough: 0.22,
    tile: { long: 150, high: 75, joint: 2, offset: 1 / 2, grout: '#e3ded2' },
  },
  {
    name: 'Pebbleback',
    of: 'tile',
    colour: '#d3cec2',
    rough: 0.4,
    tile: { long: 48, high: 48, joint: 3, offset: 0, grout: '#9a9486' },
  },
];

/** The finish of a name, however it is written; null where the name is of none we know. */
export function finishNamed(name: string | undefined): Finish | null {
  const own = name?.trim().toLowerCase();
  return own ? (finishes.find((finish) => finish.name.toLowerCase() === own) ?? null) : null;
}

const named = (...of: Finish['of'][]) =>
  finishes.filter((one) => of.includes(one.of)).map(({ name }) => name);
/** What fronts, tops, floors and walls are usually finished with. */
export const frontFinishNames = named('paint', 'timber');
export const topFinishNames = named('stone', 'timber');
export const floorFinishNames = named('tile', 'timber', 'stone');
export const wallFinishNames = named('paint', 'tile');

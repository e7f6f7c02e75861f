import type { FinishPart } from '../document/limits';
import type { RoomRecord } from '../document/records';
import { finishLibrary } from './finish-library';

/** A tile as it is laid: its size along a course and across it, and the joint, mm; every other course is moved along by a share of a tile. */
export interface TileShape {
  long: number;
  high: number;
  joint: number;
  offset: number;
}

/** What is to be seen on the face of a finish beside its colour; sizes in mm, depths as shares of all light. */
export type Figure =
  | { type: 'plain' }
  /** Timber: how it is cut, the colour of its late rings, about how far apart those are. */
  | { type: 'grain'; cut: 'crown' | 'rustic' | 'straight'; dark: string; rings: number }
  /** Timber in boards side by side, so wide. */
  | { type: 'boards'; cut: 'crown' | 'rustic' | 'straight'; dark: string; rings: number; wide: number }
  /** Veined stone: how far a vein goes before it has turned, how much there is of them. */
  | { type: 'veins'; vein: string; spread: number; bold: number }
  /** Crystals of several colours, about so large. */
  | { type: 'specks'; of: readonly string[]; size: number }
  /** Chips of other stone in a ground, the largest so large. */
  | { type: 'chips'; of: readonly string[]; size: number }
  /** Lighter and darker, as of one firing or pouring. */
  | { type: 'clouds'; depth: number }
  /** Split or laid down in layers. */
  | { type: 'layers'; dark: string }
  | { type: 'brushed' }
  | { type: 'weave'; dark: string };

export const finishMaterials = ['paint', 'timber', 'stone', 'tile', 'laminate', 'metal'] as const;
export type FinishMaterial = (typeof finishMaterials)[number];

/** What a surface is finished with: how it looks, and how it is made. */
export interface Finish {
  name: string;
  /** What stands in the frame on drawings. */
  code: string;
  of: FinishMaterial;
  /** Its colour as a whole: that of its texture is this on an average. */
  colour: string;
  /** How rough and how metallic it is, 0 to 1. */
  rough: number;
  metal?: number;
  figure: Figure;
  /** After how many mm its texture repeats, both ways. */
  long: number;
  /** Whether it has a grain along it, as timber has. */
  grain?: boolean;
  tile?: TileShape & { grout: string };
}

/** What a texture is painted from. */
export type TextureSource = Pick<Finish, 'code' | 'colour' | 'figure' | 'long'>;

/** The finishes surfaces can be given by name. Any other word is kept as it is written, and looks as the surface usually does. */
export const finishes = finishLibrary;

const byName = new Map(finishes.map((finish) => [finish.name.toLowerCase(), finish]));

/** The finish of a name, however it is written; null where the name is of none we know. */
export function finishNamed(name: string | undefined): Finish | null {
  const own = name?.trim().toLowerCase();
  return own ? (byName.get(own) ?? null) : null;
}

/** What each part is usually made of. */
export const usualMaterials = {
  front: ['paint', 'timber', 'laminate'],
  box: ['laminate', 'timber', 'paint'],
  end: ['paint', 'timber', 'laminate'],
  plinth: ['paint', 'timber', 'laminate', 'metal'],
  handle: ['metal', 'timber', 'paint'],
  trim: ['paint', 'timber'],
  top: ['stone', 'timber', 'laminate', 'metal'],
  splash: ['stone', 'timber', 'laminate', 'metal'],
  wall: ['paint', 'tile'],
  floor: ['tile', 'timber', 'stone'],
  ceiling: ['paint', 'timber'],
} as const satisfies Record<FinishPart, readonly FinishMaterial[]>;

/** Where a room says what a part is finished with. */
const roomKeys = {
  front: 'frontFinish',
  box: 'boxFinish',
  end: 'endFinish',
  plinth: 'plinthFinish',
  handle: 'handleFinish',
  trim: 'trimFinish',
  top: 'topFinish',
  splash: 'splashFinish',
  wall: 'wallFinish',
  floor: 'floorFinish',
  ceiling: 'ceilingFinish',
} as const satisfies Record<FinishPart, keyof RoomRecord>;
export const finishKey = <P extends FinishPart>(part: P): (typeof roomKeys)[P] => roomKeys[part];

/** The finishes a part is usually given. */
export const finishesFor = (part: FinishPart): readonly Finish[] => {
  const suited: readonly FinishMaterial[] = usualMaterials[part];
  return suited.flatMap((material) => finishes.filter(({ of }) => of === material));
};
const namesFor = (part: FinishPart) => finishesFor(part).map(({ name }) => name);
/** What fronts and walls are usually finished with. */
export const frontFinishNames = namesFor('front');
export const wallFinishNames = namesFor('wall');

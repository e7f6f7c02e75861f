import { recordsOf, type Design } from '../document/design';
import type { FinishMaterial, FinishPart } from '../document/limits';
import type { FinishRecord, FinishTile, RoomRecord } from '../document/records';
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
  | { type: 'weave'; dark: string }
  /** As it is on a picture that is stored. */
  | { type: 'picture'; file: string };

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
  /** After how many mm its texture repeats: across, and upright where that is not the same. */
  long: number;
  high?: number;
  /** Whether it has a grain along it, as timber has. */
  grain?: boolean;
  tile?: FinishTile;
  /** The record it is of, where it is the studio's own. */
  own?: FinishRecord;
}

/** What a texture is painted from. */
export type TextureSource = Pick<Finish, 'code' | 'colour' | 'figure' | 'high' | 'long'>;

/** The finishes the program comes with. A surface can be given any word: of none we know, it is kept as it is written, and the surface looks as it usually does. */
export const finishes = finishLibrary;

/** A finish of the studio's own as any other; the same object for the same record. */
export function finishFrom(record: FinishRecord): Finish {
  let finish = made.get(record);
  if (!finish) {
    const { name, code, of, colour, rough, metal, long, high, grain, tile, picture } = record;
    finish = {
      ...{ name, code, of, colour, rough, long, high, own: record },
      figure: picture === undefined ? { type: 'plain' } : { type: 'picture', file: picture },
      ...(metal !== undefined && { metal }),
      ...(grain && { grain }),
      ...(tile && { tile }),
    };
    made.set(record, finish);
  }
  return finish;
}
const made = new WeakMap<FinishRecord, Finish>();

const asWord = (name: string): string => name.trim().toLowerCase();
/** Whether two names are of the same finish. */
export const isSameWord = (a: string, b: string): boolean => asWord(a) === asWord(b);
const byName = new Map(finishes.map((finish) => [asWord(finish.name), finish]));

/** The finish of a name, however it is written: one of the studio's own that the room keeps, or of the program; null where it is of none we know. */
export function finishNamed(design: Design, name: string | undefined): Finish | null {
  const word = name && asWord(name);
  if (!word) return null;
  const own = recordsOf(design, 'finish').find((record) => asWord(record.name) === word);
  return own ? finishFrom(own) : (byName.get(word) ?? null);
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
  dressing: ['fabric', 'paint', 'timber', 'metal'],
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
  dressing: 'dressingFinish',
  wall: 'wallFinish',
  floor: 'floorFinish',
  ceiling: 'ceilingFinish',
} as const satisfies Record<FinishPart, keyof RoomRecord>;
export const finishKey = <P extends FinishPart>(part: P): (typeof roomKeys)[P] => roomKeys[part];

/** The finishes a part is usually given, of the program's or of those that are there. */
export const finishesFor = (part: FinishPart, known: readonly Finish[] = finishes): readonly Finish[] => {
  const suited: readonly FinishMaterial[] = usualMaterials[part];
  return suited.flatMap((material) => known.filter(({ of }) => of === material));
};

import type { TileSize } from '../pattern';
import {
  ALL,
  BOTTOM,
  LEFT,
  RIGHT,
  SAME,
  TOP,
  type Lot,
  type Lying,
  type PieceType,
  type Placed,
} from './piece-types';
import { quickNest } from './quick-nest';

/** Lots of more pieces are not looked at. */
const MOST_ON_TILE = 64;

/** The least room some pieces take: a piece, or two lots of them beside or over one another. */
interface Room extends TileSize {
  made: { type: number; lying: Lying } | { beside: boolean; first: Room; second: Room };
}

/**
 * Nests pieces on one tile by cuts right across what is left: beside one another or over one another, lot by lot. Remembers the least rooms that each lot
 * takes, by which sides of the room are the tile's own.
 */
export class TileNest {
  readonly #types: readonly PieceType[];
  /** The sides that a piece of each type could need. */
  readonly #needed: readonly number[];
  readonly #areas: readonly number[];
  readonly #whole: number;
  readonly #tile: TileSize;
  readonly #kerf: number;
  readonly #mostParts: number;
  readonly #rooms = new Map<string, readonly Room[]>();
  readonly #quick = new Map<string, Placed[] | null>();
  /** How many ways to part lots were looked at, and whether one had too many. */
  looked = 0;
  cutShort = false;

  /** Lots that can be parted in more than `mostParts` ways are taken not to fit. */
  constructor(types: readonly PieceType[], tile: TileSize, kerf: number, mostParts: number) {
    this.#types = types;
    this.#mostParts = mostParts;
    this.#needed = types.map(({ lying }) => lying.reduce((bits, one) => bits | one.sides, 0));
    this.#tile = tile;
    this.#kerf = kerf;
    // Every piece takes a kerf beside and over it, of a tile that is a kerf larger.
    this.#areas = types.map(({ lying: [{ w, h } = { w: 0, h: 0 }] }) => (w + kerf) * (h + kerf));
    this.#whole = (tile.w + kerf) * (tile.h + kerf);
  }

  /** No fewer tiles than this hold so many of each type, by their area. */
  leastTiles(left: readonly number[]): number {
    const area = left.reduce((sum, many, type) => sum + many * this.#areas[type]!, 0);
    return Math.ceil(area / this.#whole - 1e-9);
  }

  /** Whether a lot fits on a tile: as is seen at once, or by trying every way where there are not too many. */
  fits(lot: Lot): boolean {
    if (this.#areaOf(lot) > this.#whole + SAME) return false;
    const key = lot.join();
    let known = this.#quick.get(key);
    if (known === undefined) {
      known = quickNest(lot, this.#types, this.#tile, this.#kerf);
      this.#quick.set(key, known);
    }
    return known !== null || this.#roomsOf(lot, ALL).length > 0;
  }

  #areaOf(lot: Lot): number {
    return lot.reduce((sum, type) => sum + this.#areas[type]!, 0);
  }

  /** Where each piece lies, by its type; none where they do not fit. */
  places(lot: Lot): Placed[] {
    if (!this.fits(lot)) return [];
    const quick = this.#quick.get(lot.join());
    if (quick) return quick;
    const [room] = this.#roomsOf(lot, ALL);
    const found: Placed[] = [];
    const lie = ({ made }: Room, x: number, y: number, size: TileSize): void => {
      if ('type' in made) {
        const { type, lying } = made;
        const right = (lying.sides & RIGHT) !== 0 && (lying.sides & LEFT) === 0;
        const top = (lying.sides & TOP) !== 0 && (lying.sides & BOTTOM) === 0;
        found.push({
          type,
          x: right ? x + size.w - lying.w : x,
          y: top ? y + size.h - lying.h : y,
          turn: lying.turn,
        });
        return;
      }
      const { beside, first, second } = made;
      lie(first, x, y, beside ? { w: first.w, h: size.h } : { w: size.w, h: first.h });
      // What is left over is between them.
      if (beside) lie(second, x + size.w - second.w, y, { w: second.w, h: size.h });
      else lie(second, x, y + size.h - second.h, { w: size.w, h: second.h });
    };
    if (room) lie(room, 0, 0, this.#tile);
    return found;
  }

  #roomsOf(lot: Lot, own: number): readonly Room[] {
    // Sides that none of them could need tell nothing.
    const needed = lot.reduce((bits, type) => bits | this.#needed[type]!, 0);
    if (this.#areaOf(lot) > this.#whole + SAME) return [];
    const sides = own & needed;
    const key = `${sides} ${lot.join()}`;
    const known = this.#rooms.get(key);
    if (known) return known;
    const made = this.#madeRooms(lot, sides);
    this.#rooms.set(key, made);
    return made;
  }

  #madeRooms(lot: Lot, own: number): Room[] {
    const rooms: Room[] = [];
    const add = (room: Room) => {
      if (room.w > this.#tile.w + SAME || room.h > this.#tile.h + SAME) return;
      if (rooms.some(({ w, h }) => w <= room.w + SAME && h <= room.h + SAME)) return;
      for (let at = rooms.length - 1; at >= 0; at--)
        if (rooms[at]!.w >= room.w - SAME && rooms[at]!.h >= room.h - SAME) rooms.splice(at, 1);
      rooms.push(room);
    };
    if (lot.length === 1) {
      const [type] = lot as [number];
      for (const lying of this.#types[type]!.lying)
        if ((lying.sides & ~own) === 0) add({ w: lying.w, h: lying.h, made: { type, lying } });
      return rooms;
    }
    const parts = partsOf(lot, this.#mostParts);
    if (!parts) {
      // So many pieces lie on a tile as strips at most, and are left for the next one.
      this.cutShort = true;
      return [];
    }
    for (const [first, second] of parts) {
      this.looked += 1;
      for (const beside of [true, false]) {
        const [before, after] = beside ? [RIGHT, LEFT] : [TOP, BOTTOM];
        for (const one of this.#roomsOf(first, own & ~before))
          for (const other of this.#roomsOf(second, own & ~after))
            add({
              w: beside ? one.w + this.#kerf + other.w : Math.max(one.w, other.w),
              h: beside ? Math.max(one.h, other.h) : one.h + this.#kerf + other.h,
              made: { beside, first: one, second: other },
            });
      }
    }
    return rooms;
  }
}

/** A lot in two, in every way that differs; null if there are more than so many. */
function partsOf(lot: Lot, most: number): [number[], number[]][] | null {
  if (lot.length > MOST_ON_TILE) return null;
  const runs: { type: number; many: number }[] = [];
  for (const type of lot) {
    const last = runs.at(-1);
    if (last?.type === type) last.many += 1;
    else runs.push({ type, many: 1 });
  }
  // Most lots of many pieces have too many: that is known before any is made.
  if (runs.reduce((ways, { many }) => ways * (many + 1), 1) > most) return null;
  let found: [number[], number[]][] = [[[], []]];
  for (const { type, many } of runs) {
    const alike = (count: number) => new Array<number>(count).fill(type);
    found = found.flatMap(([first, second]) =>
      Array.from({ length: many + 1 }, (_, count): [number[], number[]] => [
        [...first, ...alike(count)],
        [...second, ...alike(many - count)],
      ]),
    );
  }
  return found.filter(([first, second]) => first.length > 0 && second.length > 0);
}

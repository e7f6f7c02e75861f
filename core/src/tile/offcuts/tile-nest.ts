import type { TileSize } from '../pattern';

/** A side of a piece that must be one the tile came with. */
export type FactorySide = 'left' | 'bottom' | 'right' | 'top';
/** Degrees counter-clockwise. */
export type Turn = 0 | 90 | 180 | 270;

/** A piece that is to be cut, mm; its size and sides before it is turned. */
export interface CutPiece {
  id: string;
  w: number;
  h: number;
  factory: readonly FactorySide[];
}

/** What a saw takes between two pieces, mm, and how pieces may be turned. */
export interface Reuse {
  kerf: number;
  turns: readonly Turn[];
}

/** A piece as it lies on its tile: its lower left corner, mm. */
export interface Nested {
  id: string;
  x: number;
  y: number;
  turn: Turn;
}

/** Pieces that are all alike, and how many of them. */
export interface PieceType {
  ids: readonly string[];
  area: number;
  lying: readonly Lying[];
}

/** A piece as it can lie: its size, and the sides of it that must be the tile's, by their bits. */
interface Lying extends TileSize {
  turn: Turn;
  sides: number;
}

/** The sides by their bits, counter-clockwise: a quarter turn makes each the next. */
const SIDES: readonly FactorySide[] = ['left', 'bottom', 'right', 'top'];
const [LEFT, BOTTOM, RIGHT, TOP] = [1, 2, 4, 8] as const;
const ALL = LEFT | BOTTOM | RIGHT | TOP;
/** Lengths that differ by less are the same, mm. */
const SAME = 1e-6;

const turnedSides = (sides: number, quarters: number): number => {
  const moved = sides << quarters;
  return (moved | (moved >> 4)) & ALL;
};

/** How a piece can lie on a tile: nowhere if it is too large for it, or has factory sides across from one another further apart than the tile's. */
export function lyingOf(
  { w, h, factory }: Omit<CutPiece, 'id'>,
  tile: TileSize,
  turns: readonly Turn[],
): Lying[] {
  const own = factory.reduce((bits, side) => bits | (1 << SIDES.indexOf(side)), 0);
  const found: Lying[] = [];
  for (const turn of turns) {
    const across = turn % 180 === 90;
    const lying: Lying = { w: across ? h : w, h: across ? w : h, turn, sides: turnedSides(own, turn / 90) };
    const through = (both: number, size: number, whole: number) =>
      (lying.sides & both) !== both || Math.abs(size - whole) <= SAME;
    const fits =
      lying.w <= tile.w + SAME &&
      lying.h <= tile.h + SAME &&
      through(LEFT | RIGHT, lying.w, tile.w) &&
      through(BOTTOM | TOP, lying.h, tile.h);
    const same = found.some((one) => one.w === lying.w && one.h === lying.h && one.sides === lying.sides);
    if (fits && !same) found.push(lying);
  }
  return found;
}

/** Lots of more pieces are not looked at. */
const MOST_ON_TILE = 64;

/** Some pieces by their types, in order; a type as often as there are pieces of it. */
export type Lot = readonly number[];

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

  fits(lot: Lot): boolean {
    return this.#roomsOf(lot, ALL).length > 0;
  }

  /** Where each piece lies, by its type; none where they do not fit. */
  places(lot: Lot): { type: number; x: number; y: number; turn: Turn }[] {
    const [room] = this.#roomsOf(lot, ALL);
    const found: { type: number; x: number; y: number; turn: Turn }[] = [];
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
    let needed = 0;
    let area = 0;
    for (const type of lot) {
      needed |= this.#needed[type]!;
      area += this.#areas[type]!;
    }
    if (area > this.#whole + SAME) return [];
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
  let found: [number[], number[]][] = [[[], []]];
  for (let from = 0; from < lot.length;) {
    const type = lot[from]!;
    let many = 1;
    while (lot[from + many] === type) many += 1;
    if (found.length * (many + 1) > most) return null;
    const alike = (count: number) => new Array<number>(count).fill(type);
    found = found.flatMap(([first, second]) =>
      Array.from({ length: many + 1 }, (_, count): [number[], number[]] => [
        [...first, ...alike(count)],
        [...second, ...alike(many - count)],
      ]),
    );
    from += many;
  }
  return found.filter(([first, second]) => first.length > 0 && second.length > 0);
}

import { ok, refuse, type Result } from '../../result';
import type { TileSize } from '../pattern';
import { lyingOf, type CutPiece, type Lot, type Nested, type PieceType, type Reuse } from './piece-types';
import { TileNest } from './tile-nest';

/** The tiles that pieces are cut from: what lies on each, and whether no fewer would do. */
export interface OffcutPlan {
  tiles: readonly (readonly Nested[])[];
  proven: boolean;
}

/** A few pieces are tried in every way. */
const FEW = 14;
/** How much is tried: ways to part one lot, ways to part lots in all, pieces beside what lies on a tile. */
interface Effort {
  parts: number;
  looked: number;
  steps: number;
}
const effortFor = (pieces: number): Effort => {
  if (pieces <= FEW) return { parts: 512, looked: 300_000, steps: 100_000 };
  return { parts: pieces <= 60 ? 128 : 64, looked: 100_000, steps: 60_000 };
};
/** Once that is spent, so many pieces for each tile that is still to be filled. */
const LEAST_STEPS = 24;
/** So many ways to fill a tile are tried, each time one is begun. */
const MOST_FILLS = 400;

/**
 * The fewest tiles that some pieces can be cut from. Refused where a piece fits on none. Tile by tile, the largest piece that is left is laid with whatever else fits with it,
 * for ever more tiles until all are laid; where that is too much to try, the best that filling each as far as can be came to.
 */
export function planOffcuts(
  pieces: readonly CutPiece[],
  tile: TileSize,
  { kerf, turns }: Reuse,
): Result<OffcutPlan> {
  const found = typesOf(pieces, tile, turns);
  if (!found.ok) return found;
  const search = new Search(found.value, tile, kerf);
  const { lots, proven } = search.fewest();
  const left = found.value.map(({ ids }) => [...ids]);
  const tiles = lots.map((lot) =>
    search.nest.places(lot).map(({ type, ...at }): Nested => ({ id: left[type]!.shift()!, ...at })),
  );
  return ok({ tiles, proven });
}

/** Pieces that are alike as one type, the largest first. */
function typesOf(pieces: readonly CutPiece[], tile: TileSize, turns: Reuse['turns']): Result<PieceType[]> {
  const types = new Map<string, { ids: string[]; area: number; lying: PieceType['lying'] }>();
  for (const piece of pieces) {
    const key = `${piece.w} ${piece.h} ${[...piece.factory].sort().join()}`;
    const known = types.get(key);
    if (known) {
      known.ids.push(piece.id);
      continue;
    }
    const lying = lyingOf(piece, tile, turns);
    if (lying.length === 0) return refuse('piece-on-no-tile', { piece: piece.id });
    types.set(key, { ids: [piece.id], area: piece.w * piece.h, lying });
  }
  return ok([...types.values()].sort((a, b) => b.area - a.area));
}

/** How many pieces of each type are left. */
type Left = readonly number[];

class Search {
  readonly nest: TileNest;
  readonly #types: readonly PieceType[];
  readonly #effort: Effort;
  /** Which types lie on a tile together, a piece of each. */
  readonly #together: readonly (readonly boolean[])[];
  /** What is left can't be laid on so many tiles. */
  readonly #hopeless = new Map<string, number>();

  #steps = 0;

  constructor(types: readonly PieceType[], tile: TileSize, kerf: number) {
    this.#effort = effortFor(types.reduce((sum, { ids }) => sum + ids.length, 0));
    this.nest = new TileNest(types, tile, kerf, this.#effort.parts);
    this.#types = types;
    this.#together = types.map((_, type) =>
      types.map((__, other) => this.nest.fits(type < other ? [type, other] : [other, type])),
    );
  }

  fewest(): { lots: Lot[]; proven: boolean } {
    const all = this.#types.map(({ ids }) => ids.length);
    let best = this.#filled(all);
    const least = this.#least(all);
    let tiles = least;
    for (; tiles < best.length; tiles++) {
      const lots = this.#within(all, tiles);
      if (lots) best = lots;
      else if (this.#spent) break;
    }
    const proven = best.length === least || (tiles === best.length && !this.nest.cutShort);
    return { lots: best, proven };
  }

  get #spent(): boolean {
    return this.nest.looked > this.#effort.looked || this.#steps > this.#effort.steps;
  }

  /** No fewer tiles will do: by area, and by pieces of which no two lie on one. */
  #least(left: Left): number {
    const alone: number[] = [];
    let apart = 0;
    for (const [type, many] of left.entries()) {
      if (many === 0 || alone.some((other) => this.#together[type]![other])) continue;
      apart += this.#together[type]![type] ? 1 : many;
      alone.push(type);
    }
    return Math.max(this.nest.leastTiles(left), apart);
  }

  /** The pieces on so many tiles, if they can be. */
  #within(left: Left, tiles: number): Lot[] | null {
    const first = left.findIndex((many) => many > 0);
    if (first < 0) return [];
    if (this.#spent || tiles === 0 || this.#least(left) > tiles) return null;
    const key = left.join();
    if ((this.#hopeless.get(key) ?? 0) >= tiles) return null;
    for (const lot of this.#fills(left, first, Infinity)) {
      const rest = this.#within(less(left, lot), tiles - 1);
      if (rest) return [lot, ...rest];
      if (this.#spent) return null;
    }
    this.#hopeless.set(key, tiles);
    return null;
  }

  /** Every tile filled as far as can be, the largest pieces first. */
  #filled(all: Left): Lot[] {
    const lots: Lot[] = [];
    let left = all;
    for (;;) {
      const first = left.findIndex((many) => many > 0);
      if (first < 0) return lots;
      const [lot] = this.#fills(left, first, MOST_FILLS);
      lots.push(lot!);
      left = less(left, lot!);
    }
  }

  /** The lots that fit on a tile with a piece of a type and leave no room for another, the fullest first; as many as are found in so many steps, one at least. */
  #fills(left: Left, first: number, most: number): Lot[] {
    const found: { lot: Lot; area: number }[] = [];
    let steps = 0;
    const go = (lot: Lot, from: number, skipped: readonly number[]) => {
      for (let type = from; type < left.length; type++) {
        const own = lot.reduce((many, one) => many + (one === type ? 1 : 0), 0);
        if (own >= left[type]! || !lot.every((one) => this.#together[type]![one])) continue;
        steps += 1;
        this.#steps += 1;
        if (found.length > 0 && (steps > most || this.#spent)) return;
        if (this.#spent && steps > LEAST_STEPS) break;
        const more = [...lot, type];
        if (!this.nest.fits(more)) continue;
        go(more, type, skipped);
        skipped = [...skipped, type];
      }
      // A lot that one of those left out still fits on is no more than a part of another.
      if (skipped.some((type) => this.#takes(lot, type, left))) return;
      found.push({ lot, area: lot.reduce((sum, type) => sum + this.#types[type]!.area, 0) });
    };
    go([first], first, []);
    return found.sort((a, b) => b.area - a.area).map(({ lot }) => lot);
  }

  #takes(lot: Lot, type: number, left: Left): boolean {
    const own = lot.filter((one) => one === type).length;
    return own < left[type]! && this.nest.fits([...lot, type].sort((a, b) => a - b));
  }
}

function less(left: Left, lot: Lot): number[] {
  const rest = [...left];
  for (const type of lot) rest[type]! -= 1;
  return rest;
}

import type { Repeat, RepeatPiece, Spot } from '../pattern';
import { across, along, box, mm, NONE, sum, times } from './spots';

const [U, V] = [along(1), across(1)];
const TILE: Spot = [U, V];
const UPRIGHT: Spot = [V, U];
const HERE: Spot = [NONE, NONE];
const ORIGIN = 'corner';

export const grid: Repeat = {
  a: [U, NONE],
  b: [NONE, V],
  pieces: [box('tile', HERE, TILE)],
  origin: ORIGIN,
};

/** So many as a share of a whole one, none of it below 0. */
const share = (count: number, of: number): number => (((count % of) + of) % of) / of;

const many = <T>(count: number, make: (index: number) => T): [T, ...T[]] =>
  Array.from({ length: count }, (_, index) => make(index)) as [T, ...T[]];

/** Each row n/d of a tile on from that under it. */
export const running = (n: number, d: number): Repeat => ({
  a: [U, NONE],
  b: [NONE, across(d)],
  pieces: many(d, (row) => box('tile', [along(share(row * n, d)), across(row)], TILE)),
  origin: ORIGIN,
});

/** Each column n/d of a tile up from that to its left. */
export const vertical = (n: number, d: number): Repeat => ({
  a: [along(d), NONE],
  b: [NONE, V],
  pieces: many(d, (column) => box('tile', [along(column), across(share(column * n, d))], TILE)),
  origin: ORIGIN,
});

/** Rows that begin so far on, mm, one after the other and over again. */
export const planks = (stagger: readonly number[]): Repeat => ({
  a: [U, NONE],
  b: [NONE, across(stagger.length)],
  pieces: many(stagger.length, (row) => box('tile', [mm(stagger[row]!), across(row)], TILE)),
  origin: ORIGIN,
});

/** Herringbone of so many tiles beside one another. */
export const herringbone = (count: number): Repeat => {
  const wide = across(count);
  const up = sum(wide, along(-1));
  return {
    a: [wide, wide],
    b: [U, along(-1)],
    pieces: [
      ...many(count, (row) => box('flat', [NONE, across(row)], TILE)),
      ...many(count, (column) => box('upright', [sum(U, across(column)), up], UPRIGHT)),
    ],
    origin: ORIGIN,
  };
};

/** So many tiles flat over one another, then as many upright beside one another. */
export const basketweave = (n: number): Repeat => ({
  a: [U, U],
  b: [U, along(-1)],
  pieces: [
    ...many(n, (row) => box('flat', [NONE, across(row)], TILE)),
    ...many(n, (column) => box('upright', [sum(U, across(column)), NONE], UPRIGHT)),
  ],
  origin: ORIGIN,
});

/** Two flat, two upright, and a dot where they leave one: tiles more than twice as long as they are wide. */
export const basketWithDots: Repeat = {
  a: [U, across(-2)],
  b: [across(2), U],
  pieces: [
    ...many(2, (row) => box('flat', [NONE, across(row)], TILE)),
    ...many(2, (column) => box('upright', [across(column), across(2)], UPRIGHT)),
    box('dot', [across(2), across(2)], [sum(U, across(-2)), sum(U, across(-2))]),
  ],
  origin: ORIGIN,
};

/** Four tiles round a square. */
export const windmill: Repeat = {
  a: [sum(U, V), NONE],
  b: [NONE, sum(U, V)],
  pieces: [
    box('flat', HERE, TILE),
    box('upright', [U, NONE], UPRIGHT),
    box('flat', [V, U], TILE),
    box('upright', [NONE, V], UPRIGHT),
    box('square', [V, V], [sum(U, across(-1)), sum(U, across(-1))]),
  ],
  origin: ORIGIN,
};

/** Squares as wide as the tile, and squares as wide as it is high, which turn about them. */
export const pinwheel: Repeat = {
  a: [U, V],
  b: [across(-1), U],
  pieces: [box('large', HERE, [U, U]), box('small', [U, NONE], [V, V])],
  origin: ORIGIN,
};

/** A piece on a grid: its place, and how many parts it is wide and high. */
type OnGrid = readonly [slot: string, x: number, y: number, wide: number, high: number];

/** Several sizes on a grid of which the tile with its joint is two parts wide and high; each row over another is the same, so many parts back. */
const modular = (count: number, back: number, all: readonly OnGrid[]): Repeat => {
  const part = (x: number, y: number): Spot => [along(x / 2), across(y / 2)];
  const pieces = all.map(([slot, x, y, wide, high]) => box(slot, part(x, y), part(wide, high)));
  return {
    a: part(count, 0),
    b: part(-back, 1),
    pieces: pieces as [RepeatPiece, ...RepeatPiece[]],
    origin: ORIGIN,
  };
};

export const threeSizes = modular(7, 3, [
  ['large', 0, 0, 2, 2],
  ['oblong', 5, 0, 2, 1],
  ['small', 2, 0, 1, 1],
]);

export const fourSizes = modular(13, 3, [
  ['long', 0, 0, 3, 2],
  ['large', 6, 0, 2, 2],
  ['oblong', 11, 0, 2, 1],
  ['small', 8, 0, 1, 1],
]);

/** Two large ones to a long one, an upright and a small one: none of the joints runs far. */
export const manor = modular(17, 3, [
  ['long', 0, 0, 3, 2],
  ['large', 6, 0, 2, 2],
  ['large', 11, 0, 2, 2],
  ['upright', 13, 0, 1, 2],
  ['small', 8, 0, 1, 1],
]);

/** A large one and two small ones, each row a step on. */
export const steppingStone = modular(6, 3, [
  ['large', 0, 0, 2, 2],
  ['small', 2, 0, 1, 1],
  ['small', 5, 0, 1, 1],
]);

/** Planks with their ends cut at 45 degrees, up and down in turn: as wide as the tile from column to column, as high across. */
export const chevron: Repeat = (() => {
  const high = times(Math.SQRT2, V);
  const two = along(2);
  return {
    a: [two, NONE],
    b: [NONE, high],
    pieces: [
      {
        slot: 'up',
        ring: [
          [NONE, NONE],
          [U, U],
          [U, sum(U, high)],
          [NONE, high],
        ],
      },
      {
        slot: 'down',
        ring: [
          [U, U],
          [two, NONE],
          [two, high],
          [U, sum(U, high)],
        ],
      },
    ],
    origin: ORIGIN,
  };
})();

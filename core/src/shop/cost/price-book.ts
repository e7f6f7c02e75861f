import type { PriceKey, PriceUnit } from '../../wording/cost-words';

/** A price of the studio: for so much of something, in its currency; shares of what stands before them (0.1 is ten hundredths), times in hours. */
export interface PriceRow {
  code: string;
  unit: PriceUnit;
  price: number;
}

/** What things cost. Boards by what they are of, for one thickness (`mdf 18`) or any (`mdf`); hardware by its code, or by that without its length. */
export interface PriceBook {
  rows: readonly PriceRow[];
}

/** Prices and times that are made up, to begin with. */
const usual: Readonly<Record<PriceKey, readonly [PriceUnit, number]>> = {
  'faced-board': ['m2', 11.4],
  plywood: ['m2', 19.8],
  hardboard: ['m2', 4.2],
  mdf: ['m2', 9.6],
  'veneered-board': ['m2', 27.5],
  'solid-timber': ['m2', 46],
  glass: ['m2', 58],
  'board-waste': ['share', 0.15],
  edging: ['m', 0.85],
  plinth: ['m', 7.4],
  trim: ['m', 12.5],
  lining: ['m2', 74],
  top: ['m2', 185],
  'top-edge': ['m', 24],
  'top-cut-out': ['piece', 75],
  'top-joint': ['piece', 60],
  waterfall: ['m2', 185],
  'top-mitre': ['m', 68],
  splash: ['m2', 160],
  tile: ['m2', 42],
  adhesive: ['bag', 18.5],
  grout: ['kg', 3.1],
  'tile-trim': ['m', 5.6],
  sawing: ['hour', 0.04],
  banding: ['hour', 0.025],
  boring: ['hour', 0.006],
  assembling: ['hour', 0.55],
  fitting: ['hour', 0.8],
  'fitting-tops': ['hour', 1.25],
  tiling: ['hour', 1.1],
  'fitting-linings': ['hour', 0.7],
  'shop-rate': ['hour', 44],
  'site-rate': ['hour', 52],
  delivery: ['job', 180],
  overhead: ['share', 0.12],
  margin: ['share', 0.18],
  tax: ['share', 0.2],
};

const hardware: Readonly<Record<string, number>> = {
  H110: 2.6,
  HF105: 3.1,
  HN95: 4.2,
  LF: 38,
  RU: 24,
  RS: 13.5,
  RB: 1.8,
  L150: 0.9,
  LC: 0.3,
  SP5: 0.06,
  CB15: 0.22,
  D8: 0.03,
  S5: 0.05,
  HB: 2.4,
  GB: 5.5,
  GK: 3.9,
  GC: 6.2,
  GE: 7.1,
  SW: 95,
  SR: 120,
  SD: 260,
  SP: 340,
};

export const usualPrices: PriceBook = {
  rows: [
    ...Object.entries(usual).map(([code, [unit, price]]): PriceRow => ({ code, unit, price })),
    ...Object.entries(hardware).map(([code, price]): PriceRow => ({ code, unit: 'piece', price })),
  ],
};

/** The first price there is under some codes; null where there is none. */
export function priceUnder({ rows }: PriceBook, ...codes: readonly string[]): PriceRow | null {
  for (const code of codes) {
    const found = rows.find((row) => row.code === code);
    if (found) return found;
  }
  return null;
}

/** What a price under a code is for so much of, where that is known: the unit of the code, or of what it is a sort of (`mdf 18` of `mdf`). */
export const unitUnder = (code: string): PriceUnit | null =>
  priceUnder(usualPrices, code, code.split(' ')[0]!)?.unit ?? null;

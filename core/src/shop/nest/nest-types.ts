/** A size of sheet there is: its length and width, mm, and how many of it at the most. */
export interface NestStock {
  id: string;
  l: number;
  w: number;
  count?: number;
}

/** A part to be cut: its length and width, mm, whether its grain runs along its length, and how many. */
export interface NestPart {
  id: string;
  l: number;
  w: number;
  grain: boolean;
  qty: number;
}

/** Parts to be cut from sheets by cuts right across: the saw's kerf, what is trimmed off every edge, mm. */
export interface NestCase {
  id: string;
  kerf: number;
  trim: number;
  stock: readonly NestStock[];
  parts: readonly NestPart[];
  /** How long a better nest is looked for, s. */
  seconds?: number;
}

/** A part as it lies on its sheet: its corner nearest the sheet's, the trim included, and its size along the sheet's length and width, mm. */
export interface LaidPart {
  id: string;
  x: number;
  y: number;
  l: number;
  w: number;
  turned: boolean;
}

/** A cut right across what is left there, its kerf's side nearest the corner; mm of the sheet. */
export type Cut = { x: number; from: number; to: number } | { y: number; from: number; to: number };

/** A sheet with what is cut from it, the cuts in sawing order. */
export interface NestedSheet {
  stock: string;
  parts: readonly LaidPart[];
  cuts: readonly Cut[];
}

/** The best nest that was found. */
export interface Nest {
  id: string;
  sheets: readonly NestedSheet[];
  count: number;
  /** Of the whole sheets, mm². */
  sheetArea: number;
  /** No fewer sheets of each size would do by area, were it the only one. */
  bound: Readonly<Record<string, number>>;
  /** Whether no nest takes less of sheets. */
  proven: boolean;
  /** The share of the sheets that becomes parts. */
  yield: number;
}

/** Lengths that differ by no more are the same, mm. */
export const SAME = 1e-6;

import type { CostGroup, PriceKey, PriceUnit } from '../../wording/cost-words';

/** So much of something that one thing of the room takes. */
export interface Taken {
  id: string;
  qty: number;
}

/** A line of what a room costs: so much of something at a price, and the things of the room it comes from. Amounts in hundredths of the currency. */
export interface CostLine {
  group: CostGroup;
  /** What it is priced under in the book. */
  code: string;
  name: string;
  qty: number;
  unit: PriceUnit;
  price: number;
  cents: number;
  of: readonly Taken[];
}

/** What a room costs: its lines, their sum, and what has no price. */
export interface Cost {
  lines: readonly CostLine[];
  cents: number;
  /** What is asked for: items that their range gives no price, and codes that stand in no book. */
  asked: readonly { code: string; ids: readonly string[] }[];
}

/** What a room needs of one sort. */
export interface Need {
  group: CostGroup;
  /** The codes it may be priced under, the first known first. */
  codes: readonly string[];
  name: string;
  of: readonly Taken[];
  /** At this price, where it has one of its own. */
  price?: number;
  unit?: PriceUnit;
  /** Hours of work at a rate. */
  rate?: PriceKey;
}

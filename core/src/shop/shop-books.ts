import { Matches } from 'class-validator';
import { Between, ListOf, Millimetres, OneOf, Optional } from '../document/decorators';
import { priceUnitNames, type PriceUnit } from '../wording/cost-words';
import { MOST_PRICE, MOST_PRICES, PRICE_CODE } from './cost/price-limits';

const units = Object.keys(priceUnitNames);
/** A material's key: what it is of, how thick it is, what it is finished with. */
const MATERIAL = /^\S[^\n]{0,79}$/;
/** So many sheets and offcuts are kept at most, and so many of one size. */
export const MOST_SHEETS = 1_000;
const MOST_COUNT = 10_000;

/** A price of the studio, as it is kept. */
export class PriceLine {
  @Matches(PRICE_CODE) code!: string;
  @OneOf(units) unit!: PriceUnit;
  @Between(0, MOST_PRICE) price!: number;
}

/** The studio's prices. */
export class PriceLines {
  @ListOf(PriceLine, 0, MOST_PRICES) rows!: PriceLine[];
}

/** A size of sheet, or an offcut, that the studio has: of one material, or of any; without a count as many as are needed. */
export class StockLine {
  @Optional() @Matches(MATERIAL) material?: string;
  @Millimetres(50, 10_000) l!: number;
  @Millimetres(50, 10_000) w!: number;
  @Optional() @Between(0, MOST_COUNT) count?: number;
}

/** What the studio cuts from, and how its saw cuts. */
export class StockLines {
  @Millimetres(0, 50) kerf!: number;
  @Millimetres(0, 100) trim!: number;
  @ListOf(StockLine, 0, MOST_SHEETS) sheets!: StockLine[];
}

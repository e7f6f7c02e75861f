import { ArrayMinSize, ArrayUnique, IsInt, Matches } from 'class-validator';
import { Between, ListOf, Millimetres, Numbers, OneOf, Optional } from '../document/decorators';
import type { ReasonKey } from '../reasons';
import { priceUnitNames, type PriceUnit } from '../wording/cost-words';
import { toolKinds, toolLimits, MOST_TOOLS, type ToolKind } from './machines/machine-limits';
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

/** Why two tools of one number can't be. */
const NUMBERS_ALIKE: ReasonKey = 'numbers-alike';

const within = (field: keyof typeof toolLimits): PropertyDecorator => {
  const [least, most] = toolLimits[field];
  return Between(least, most);
};

/** A tool of the studio's router, as it is kept. */
export class ToolLine {
  @IsInt() @within('number') number!: number;
  @OneOf(toolKinds) kind!: ToolKind;
  @within('size') size!: number;
  @within('reach') reach!: number;
  @within('bite') bite!: number;
  @within('spin') spin!: number;
  @within('feed') feed!: number;
  @within('plunge') plunge!: number;
}

/** The studio's router: no two of its tools have one number. */
export class MachineLines {
  @ArrayMinSize(2) @Numbers(2, ...toolLimits.bed) bed!: [number, number];
  @within('clear') clear!: number;
  @within('through') through!: number;
  @Optional() @within('skin') skin?: number;
  @Optional() @within('narrow') narrow?: number;
  @ListOf(ToolLine, 1, MOST_TOOLS)
  @ArrayUnique((tool: ToolLine | null) => tool?.number, { message: NUMBERS_ALIKE })
  tools!: ToolLine[];
}

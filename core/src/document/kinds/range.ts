import { ArrayMaxSize, Equals, IsArray, IsInt, IsString, Matches } from 'class-validator';
import { Between, ListOf, Millimetres, Nested, OneOf, Optional, RecordId, Sizes, Words } from '../decorators';
import { serviceTypes, type ServiceType } from '../fixture-types';
import { MOST_HEIGHT, MOST_ITEM, MOST_OUTLINE } from '../limits';
import { OutlinePlace } from '../places';
import {
  CODE_PATTERN,
  constructions,
  frontStyles,
  MOST_DEPTHS,
  MOST_FAMILIES,
  MOST_HEIGHTS,
  MOST_WIDTHS,
  type Construction,
  type FrontStyle,
} from '../range-limits';

/** What one costs, in the studio's currency: so much each, so much for every unit of width and of height. */
export class Price {
  @Between(0, 1_000_000) each!: number;
  @Between(0, 10_000) width!: number;
  @Between(0, 10_000) height!: number;
}

/** Where an item hangs or stands up: its underside at `bottom`, or higher so that its top is level with `top`. In the range's unit. */
export class Hanging {
  @Between(0, MOST_HEIGHT) bottom!: number;
  @Between(0, MOST_HEIGHT) top!: number;
}

/** A point of supply or waste an item needs: across to the right, out from its back, above the floor. Millimetres. */
export class ServicePoint {
  @OneOf(serviceTypes) type!: ServiceType;
  /** The end its place across is counted from; without it, its middle. */
  @Optional() @OneOf(['left', 'right']) from?: 'left' | 'right';
  @Millimetres(-MOST_ITEM, MOST_ITEM) across!: number;
  @Millimetres(-MOST_ITEM, MOST_ITEM) out!: number;
  @Millimetres(0, MOST_HEIGHT) up!: number;
}

/**
 * A family, a width and a height make an item. Its code is the pattern with the width, and the height where the family has more than
 * one, in place of the star; in inches width and height run together, in millimetres a stroke stands between. Lengths in the range's unit.
 */
export class Family {
  @RecordId() type!: string;
  @Words(1, 60) name!: string;
  @IsString() @Matches(CODE_PATTERN) code!: string;
  /** Patterns of the codes others order the same by. */
  @Optional() @IsArray() @ArrayMaxSize(6) @Matches(CODE_PATTERN, { each: true }) also?: string[];
  @Sizes(MOST_WIDTHS) widths!: number[];
  @Sizes(MOST_HEIGHTS) heights!: number[];
  /** The usual depth first, then others it is made in. */
  @Sizes(MOST_DEPTHS) depths!: number[];
  /** How deep the legs of a corner cabinet are, whose width and depth reach along both walls. */
  @Optional() @Between(0.1, MOST_ITEM) leg?: number;
  /** How many drawers one above the other, of a drawer base. */
  @Optional() @IsInt() @Between(1, 12) drawers?: number;
  /** Without it, it stands on the floor. */
  @Optional() @Nested(Hanging) hangs?: Hanging;
  @Nested(Price) price!: Price;
  @Optional()
  @ListOf(ServicePoint, 0, 12)
  services?: ServicePoint[];
  /** Of an object from outside: its stored model, and its outline on the floor where that is no rectangle, mm. */
  @Optional() @RecordId() model?: string;
  @Optional() @ListOf(OutlinePlace, 3, MOST_OUTLINE) outline?: OutlinePlace[];
}

/** A range of the studio's own that items of this room were taken from, as it was when the last was. */
export class RangeRecord {
  @Equals('range') kind!: 'range';
  @RecordId() id!: string;
  @Words(1, 60) name!: string;
  /** What a bare number in its codes and data means. */
  @OneOf(['in', 'mm']) unit!: 'in' | 'mm';
  @OneOf(constructions) construction!: Construction;
  /** Of a face frame; full overlay unless given. */
  @Optional() @OneOf(frontStyles) fronts?: FrontStyle;
  @ListOf(Family, 1, MOST_FAMILIES)
  families!: Family[];
}

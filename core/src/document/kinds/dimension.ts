import { Equals } from 'class-validator';
import { Between, ListOf, Millimetres, OneOf, Optional, RecordId, Words } from '../decorators';
import {
  dimensionTypes,
  dimensionWays,
  LEAST_REACH,
  LEAST_SCALE,
  MOST_DIMENSION_ENDS,
  MOST_NOTE,
  MOST_OFF,
  MOST_REACH,
  MOST_SCALE,
  MOST_VIEW_NAME,
  type DimensionType,
  type DimensionWay,
} from '../limits';

/** A place on a thing that goes with it: shares of its extent, from its left to its right as one stands before it, from its back to its front, and from its foot to its top. The room itself is such a thing. */
export class DimensionEnd {
  @RecordId() of!: string;
  @Between(0, 1) along!: number;
  @Between(0, 1) out!: number;
  @Between(0, 1) up!: number;
}

/** A dimension or a note that a person has put on a drawing. It is tied to things, not to places. */
export class DimensionRecord {
  @Equals('dimension') kind!: 'dimension';
  @RecordId() id!: string;
  /** The drawing it stands on: the plan, the ceiling plan, or the id of an upright view. */
  @Words(1, MOST_VIEW_NAME) view!: string;
  @OneOf(dimensionTypes) type!: DimensionType;
  /** Of lengths. */
  @Optional() @OneOf(dimensionWays) way?: DimensionWay;
  /** What it is of; of an angle the point of it is the second. What is no longer there is told. */
  @ListOf(DimensionEnd, 1, MOST_DIMENSION_ENDS) ends!: DimensionEnd[];
  /** How far its line stands to the left of the way it is measured, from its first end, mm on paper; of what has no line, how far to the right of its end its words stand. */
  @Millimetres(-MOST_OFF, MOST_OFF) off!: number;
  /** Of what has no line, how far over its end its words stand, mm on paper. */
  @Optional() @Millimetres(-MOST_OFF, MOST_OFF) over?: number;
  /** Of a detail: how far it goes from its middle, mm, and how many millimetres of the room one on paper is there. */
  @Optional() @Millimetres(LEAST_REACH, MOST_REACH) reach?: number;
  @Optional() @Between(LEAST_SCALE, MOST_SCALE) ratio?: number;
  /** The words of a note; of a dimension what is written behind its number; the name of a detail. */
  @Optional() @Words(1, MOST_NOTE) text?: string;
}

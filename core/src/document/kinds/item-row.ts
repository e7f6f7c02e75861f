import { IsBoolean, IsInt } from 'class-validator';
import { Between, Millimetres, Numbers, OneOf, Optional } from '../decorators';
import {
  LEAST_ROW,
  MOST_ACROSS,
  MOST_HEIGHT,
  MOST_INSIDE,
  MOST_ITEM,
  rowShows,
  type RowShows,
} from '../limits';

/** What a row of a cabinet's front shows, from the top down, and what is behind it. Lengths mm. */
export class ItemRow {
  @OneOf(rowShows) shows!: RowShows;
  /** How high its front is, or what stands open; without it, it shares what the others leave. */
  @Optional() @Millimetres(LEAST_ROW, MOST_HEIGHT) high?: number;
  /** How many are side by side, an upright divider between them; one unless given. */
  @Optional() @IsInt() @Between(1, MOST_ACROSS) across?: number;
  /** How wide those are from the left, the last what is left; equal unless given. */
  @Optional() @Numbers(MOST_ACROSS, LEAST_ROW, MOST_ITEM) widths?: number[];
  /** How many shelves are behind it or in it; as many as usual unless given. */
  @Optional() @IsInt() @Between(0, MOST_INSIDE) shelves?: number;
  /** The clear heights under its shelves, from below; even unless given. */
  @Optional() @Numbers(MOST_INSIDE, LEAST_ROW, MOST_HEIGHT) clear?: number[];
  /** Of doors. */
  @Optional() @IsBoolean() glass?: boolean;
  /** One leaf, however wide. */
  @Optional() @IsBoolean() single?: boolean;
}

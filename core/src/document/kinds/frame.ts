import { Equals, IsBoolean, IsInt } from 'class-validator';
import { Between, Millimetres, Nested, Optional, RecordId, SomeOf, Words } from '../decorators';
import {
  LEAST_SCALE,
  MOST_PAPER,
  MOST_SCALE,
  MOST_SHEETS,
  MOST_VIEW_NAME,
  viewLayers,
  type ViewLayer,
} from '../limits';

/** Where a drawing lies when it is printed on pages of a size: the sheet of its subject, and where its own zero is there, mm from the left and the bottom of the page. */
export class FramePlace {
  @Words(1, 20) page!: string;
  @IsInt() @Between(1, MOST_SHEETS) sheet!: number;
  @Millimetres(-MOST_PAPER, MOST_PAPER) x!: number;
  @Millimetres(-MOST_PAPER, MOST_PAPER) y!: number;
}

/** Where a drawing ends on each side, in its own millimetres; where nothing is said it goes on to its end. */
export class FrameCrop {
  @Optional() @Millimetres(-200_000, 200_000) left?: number;
  @Optional() @Millimetres(-200_000, 200_000) right?: number;
  @Optional() @Millimetres(-200_000, 200_000) bottom?: number;
  @Optional() @Millimetres(-200_000, 200_000) top?: number;
}

/** What a person has said of how a drawing lies on its sheet, where it does not lie as of itself. */
export class FrameRecord {
  @Equals('frame') kind!: 'frame';
  @RecordId() id!: string;
  /** What the drawing goes by in the set. */
  @Words(1, MOST_VIEW_NAME) drawing!: string;
  /** It is left out of the set. */
  @Optional() @IsBoolean() hidden?: boolean;
  /** How many millimetres of the room one on paper is; the scale of the set unless given. */
  @Optional() @Between(LEAST_SCALE, MOST_SCALE) ratio?: number;
  @Optional() @Nested(FramePlace) place?: FramePlace;
  @Optional() @Nested(FrameCrop) crop?: FrameCrop;
  /** What it leaves away. */
  @Optional() @SomeOf(viewLayers) without?: ViewLayer[];
  /** Without hatches, and walls in outline. */
  @Optional() @IsBoolean() plain?: boolean;
}

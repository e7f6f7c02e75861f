import { Equals, IsBoolean } from 'class-validator';
import { Millimetres, Optional, RecordId, Words } from '../decorators';
import { MOST_OFF, MOST_VIEW_NAME } from '../limits';

/** What a person has said of a row of dimensions that is drawn by itself: that it is left away, or stands farther out. */
export class RowWayRecord {
  @Equals('row-way') kind!: 'row-way';
  @RecordId() id!: string;
  /** The drawing, and the row of it. */
  @Words(1, MOST_VIEW_NAME) view!: string;
  @Words(1, MOST_VIEW_NAME) row!: string;
  @Optional() @IsBoolean() hidden?: boolean;
  /** How much farther out than of itself, mm on paper. */
  @Optional() @Millimetres(-MOST_OFF, MOST_OFF) off?: number;
}

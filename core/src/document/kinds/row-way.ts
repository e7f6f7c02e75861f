import { Equals, IsBoolean } from 'class-validator';
import { Millimetres, Optional, RecordId, Words } from '../decorators';
import { MOST_OFF, MOST_VIEW_NAME } from '../limits';

/** What a person has said of what finds its own place on a drawing, a row of dimensions or a label: that it is left away, or stands elsewhere. */
export class RowWayRecord {
  @Equals('row-way') kind!: 'row-way';
  @RecordId() id!: string;
  /** The drawing, and the row or label of it. */
  @Words(1, MOST_VIEW_NAME) view!: string;
  @Words(1, MOST_VIEW_NAME) row!: string;
  @Optional() @IsBoolean() hidden?: boolean;
  /** How much farther out than of itself; of a label, farther to the right, and higher up; mm on paper. */
  @Optional() @Millimetres(-MOST_OFF, MOST_OFF) off?: number;
  @Optional() @Millimetres(-MOST_OFF, MOST_OFF) over?: number;
}

import { Equals } from 'class-validator';
import { Between, OneOf, RecordId, Words } from '../decorators';
import { limitSides, limitSources, MOST_SHORT, type LimitSide, type LimitSource } from '../limits';

/** A limit of a rule that is another here than its source says, in the unit of its value. */
export class LimitRecord {
  @Equals('limit') kind!: 'limit';
  @RecordId() id!: string;
  @Words(1, 40) rule!: string;
  @Words(1, 80) check!: string;
  @OneOf(limitSides) side!: LimitSide;
  /** What the source asks for: where that comes to be another, this speaks of it no more. */
  @Between(-MOST_SHORT, MOST_SHORT) was!: number;
  @Between(0, MOST_SHORT) now!: number;
  /** Who decided it: for this room, the job, or the studio. */
  @OneOf(limitSources) by!: LimitSource;
}

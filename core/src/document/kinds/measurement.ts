import { Equals } from 'class-validator';
import { Millimetres, Nested, OneOf, Optional, RecordId } from '../decorators';
import { LEAST_FACE, LEAST_UNCERTAINTY, MOST_FACE, MOST_UNCERTAINTY } from '../limits';
import { FacePlace } from '../places';

/** A distance taped between two places of the room: a diagonal, or from a corner to a point on another face. */
export class MeasurementRecord {
  @Equals('measurement') kind!: 'measurement';
  @RecordId() id!: string;
  @Nested(FacePlace) from!: FacePlace;
  @Nested(FacePlace) to!: FacePlace;
  @Millimetres(LEAST_FACE, MOST_FACE * 2) length!: number;
  @Optional() @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) uncertainty?: number;
  /** excluded: kept, but not believed. */
  @OneOf(['measured', 'excluded']) standing!: 'measured' | 'excluded';
}

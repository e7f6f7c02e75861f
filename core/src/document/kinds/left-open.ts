import { Equals } from 'class-validator';
import { Nested, OneOf, RecordId } from '../decorators';
import { runBands, type RunBand } from '../limits';
import { FacePlace } from '../places';

/** A place on a face, mm from its left or right end, where an open length of one height band is left open on purpose. */
export class LeftOpenRecord {
  @Equals('left-open') kind!: 'left-open';
  @RecordId() id!: string;
  @OneOf(runBands) band!: RunBand;
  @Nested(FacePlace) at!: FacePlace;
}

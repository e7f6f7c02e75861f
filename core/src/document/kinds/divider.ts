import { Equals } from 'class-validator';
import { Nested, OneOf, RecordId, Words } from '../decorators';
import { FacePlace, type Side } from '../places';

/** A line that divides an open plan without a wall: what lies on one side of it, seen from its start, is a part with a name of its own. */
export class DividerRecord {
  @Equals('divider') kind!: 'divider';
  @RecordId() id!: string;
  @Words(1, 80) name!: string;
  @Nested(FacePlace) from!: FacePlace;
  @Nested(FacePlace) to!: FacePlace;
  @OneOf(['left', 'right']) side!: Side;
}

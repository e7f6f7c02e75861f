import { Equals } from 'class-validator';
import { Nested, OneOf, RecordId, Words } from '../decorators';
import { FacePlace, type Side } from '../places';

/** A line the room is cut along for a section, from a place on one face to a place on another; what lies on one side of it, seen from its start, is looked at. */
export class SectionRecord {
  @Equals('section') kind!: 'section';
  @RecordId() id!: string;
  /** What it goes by at both its ends and under the section. */
  @Words(1, 4) name!: string;
  @Nested(FacePlace) from!: FacePlace;
  @Nested(FacePlace) to!: FacePlace;
  @OneOf(['left', 'right']) side!: Side;
}

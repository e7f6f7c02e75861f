import { Equals } from 'class-validator';
import { ListOf, Nested, OneOf, Optional, RecordId, Words } from '../decorators';
import { doorStyles, handleStyles, MOST_FINISH, type DoorStyle, type HandleStyle } from '../limits';
import { ItemFinishes } from './item';
import { RoomFinishes } from './room';

/** What one item, wall or lining has of its own in a set of finishes. */
export class SchemePart {
  @RecordId() id!: string;
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  @Optional() @Nested(ItemFinishes) finishes?: ItemFinishes;
  @Optional() @OneOf(doorStyles) doorStyle?: DoorStyle;
  @Optional() @OneOf(handleStyles) handleStyle?: HandleStyle;
}

/** A set of finishes for the whole room, kept to be held against another: what the room says, and what stands otherwise. */
export class SchemeRecord {
  @Equals('scheme') kind!: 'scheme';
  @RecordId() id!: string;
  @Words(1, 60) name!: string;
  @Nested(RoomFinishes) room!: RoomFinishes;
  @ListOf(SchemePart, 0, 20_000) parts!: SchemePart[];
}

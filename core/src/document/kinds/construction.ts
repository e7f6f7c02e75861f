import { Equals } from 'class-validator';
import { Nested, RecordId } from '../decorators';
import { BuildWays } from './build-ways';

/** How the cabinets of a range are built in this room, where that is otherwise than the range says. */
export class ConstructionRecord {
  @Equals('construction') kind!: 'construction';
  @RecordId() id!: string;
  @RecordId() range!: string;
  @Nested(BuildWays) ways!: BuildWays;
}

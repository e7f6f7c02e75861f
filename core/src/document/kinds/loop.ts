import { ArrayMaxSize, ArrayMinSize, ArrayUnique, Equals, IsArray, IsString, Matches } from 'class-validator';
import { Optional, RecordId } from '../decorators';

/** The closed chain of faces around the room, in the order they were walked. */
export class LoopRecord {
  @Equals('loop') kind!: 'loop';
  @RecordId() id!: string;
  @IsArray() @ArrayMinSize(3) @ArrayMaxSize(200) @ArrayUnique() @IsString({ each: true }) faces!: string[];
  /** What they go by, in this order, where that is not A, B, C: a face keeps its letter when others come between. */
  @Optional()
  @IsArray()
  @ArrayMaxSize(200)
  @ArrayUnique()
  @Matches(/^[A-Z]{1,2}$/, { each: true })
  letters?: string[];
}

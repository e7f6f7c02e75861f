import { Equals, IsBoolean } from 'class-validator';
import { Between, Millimetres, Radians, RecordId, Words } from '../decorators';
import { LEAST_PIXEL, MOST_PIXEL } from '../limits';

/** A picture laid under the plan to draw over: where its top left corner lies, how it is turned, and its scale. */
export class UnderlayRecord {
  @Equals('underlay') kind!: 'underlay';
  @RecordId() id!: string;
  /** The stored file. */
  @RecordId() file!: string;
  @Words(1, 120) name!: string;
  @Between(1, 40_000) pixelsWide!: number;
  @Between(1, 40_000) pixelsHigh!: number;
  @Millimetres(-200_000, 200_000) x!: number;
  @Millimetres(-200_000, 200_000) y!: number;
  @Radians(-6.2832, 6.2832) turn!: number;
  @Between(LEAST_PIXEL, MOST_PIXEL) mmPerPixel!: number;
  /** 0 for fully shown, 1 for not at all. */
  @Between(0, 1) fade!: number;
  @IsBoolean() locked!: boolean;
}

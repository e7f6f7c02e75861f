import { Equals } from 'class-validator';
import { Millimetres, Radians, RecordId, Words } from '../decorators';
import { LEAST_EYE, MOST_EYE } from '../limits';

/** A place to stand in the room and look from, kept to be shown again: in plan, the eye's height above the floor, the direction looked in against the x axis, and up. */
export class StandpointRecord {
  @Equals('standpoint') kind!: 'standpoint';
  @RecordId() id!: string;
  @Words(1, 40) name!: string;
  @Millimetres(-200_000, 200_000) x!: number;
  @Millimetres(-200_000, 200_000) y!: number;
  @Millimetres(LEAST_EYE, MOST_EYE) eye!: number;
  @Radians(-3.1416, 3.1416) turn!: number;
  @Radians(-1.5708, 1.5708) nod!: number;
}

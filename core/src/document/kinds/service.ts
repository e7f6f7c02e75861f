import { Equals, IsBoolean } from 'class-validator';
import { Between, Millimetres, OneOf, Optional, RecordId } from '../decorators';
import { serviceTypes, type ServiceType } from '../fixture-types';
import { MOST_AIRFLOW, MOST_HEIGHT } from '../limits';
import { IsPlacement, type Placement } from '../places';

/** A point of supply or waste: on a face so far from one of its ends, or on the floor or ceiling. */
export class ServiceRecord {
  @Equals('service') kind!: 'service';
  @RecordId() id!: string;
  @OneOf(serviceTypes) type!: ServiceType;
  /** Height above the floor. */
  @Millimetres(0, MOST_HEIGHT) up!: number;
  @IsPlacement() placement!: Placement;
  /** Of a socket: whether it is protected against leaking current. */
  @Optional() @IsBoolean() protected?: boolean;
  /** Of an extract: the air it moves, cubic feet a minute, and whether it does so all the time. */
  @Optional() @Between(0, MOST_AIRFLOW) airflow?: number;
  @Optional() @IsBoolean() continuous?: boolean;
}

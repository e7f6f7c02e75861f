import { Equals } from 'class-validator';
import { Millimetres, OneOf, RecordId } from '../decorators';
import { serviceTypes, type ServiceType } from '../fixture-types';
import { MOST_HEIGHT } from '../limits';
import { IsPlacement, type Placement } from '../places';

/** A point of supply or waste: on a face so far from one of its ends, or on the floor or ceiling. */
export class ServiceRecord {
  @Equals('service') kind!: 'service';
  @RecordId() id!: string;
  @OneOf(serviceTypes) type!: ServiceType;
  /** Height above the floor. */
  @Millimetres(0, MOST_HEIGHT) up!: number;
  @IsPlacement() placement!: Placement;
}

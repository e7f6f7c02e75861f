import { Equals, IsBoolean } from 'class-validator';
import { Millimetres, OneOf, Optional, Radians, RecordId } from '../decorators';
import { LEAST_OPENING, LEAST_OPEN_ANGLE, MOST_FACE, MOST_HEIGHT, MOST_WALL } from '../limits';
import {
  measuredFrom,
  openingActions,
  openingTypes,
  type MeasuredFrom,
  type OpeningAction,
  type OpeningType,
} from '../opening-types';
import type { Side } from '../places';

/** What a door, window, cased opening, hatch or niche is, wherever it stands: a kind kept to be used again is one of these. */
export class OpeningShape {
  @OneOf(openingTypes) type!: OpeningType;
  @OneOf(openingActions) action!: OpeningAction;
  @Millimetres(LEAST_OPENING, MOST_FACE) width!: number;
  @Millimetres(LEAST_OPENING, MOST_HEIGHT) height!: number;
  @Millimetres(0, MOST_HEIGHT) sill!: number;
  /** Hinge side seen from inside (the side a pocket door slides to), which way the leaf swings, its thickness, how far it opens; kept for every type so that the type can be changed back. */
  @OneOf(['left', 'right']) hinge!: Side;
  @OneOf(['in', 'out']) swing!: 'in' | 'out';
  @Millimetres(10, 120) leaf!: number;
  @Radians(LEAST_OPEN_ANGLE, Math.PI) angle!: number;
  /** Width of the casing around it on the room's side; 0 for none. */
  @Millimetres(0, 300) casing!: number;
  /** Whether its glass is safety glass, where that is known. */
  @Optional() @IsBoolean() safetyGlass?: boolean;
  /** Depth of a niche. */
  @Millimetres(10, MOST_WALL) depth!: number;
}

/** An opening, placed by the distance of a jamb or its centre line from an end or the centre of its face. */
export class OpeningRecord extends OpeningShape {
  @Equals('opening') kind!: 'opening';
  @RecordId() id!: string;
  @RecordId() face!: string;
  /** Where on the face, seen from inside the room, the distance is measured from; from the centre it counts to the right. */
  @OneOf(measuredFrom) from!: MeasuredFrom;
  /** What of the opening it is measured to: its left jamb, centre line or right jamb. */
  @OneOf(measuredFrom) to!: MeasuredFrom;
  @Millimetres(-MOST_FACE, MOST_FACE) distance!: number;
}

import { Equals } from 'class-validator';
import { Millimetres, OneOf, Optional, Profile, Radians, RecordId, Words } from '../decorators';
import {
  LEAST_KNEE_WALL,
  LEAST_CORNER,
  LEAST_CORNER_UNCERTAINTY,
  LEAST_FACE,
  LEAST_HALF_WALL,
  LEAST_UNCERTAINTY,
  LEAST_WALL,
  MOST_CORNER,
  MOST_CORNER_UNCERTAINTY,
  MOST_FACE,
  MOST_HEIGHT,
  MOST_UNCERTAINTY,
  MOST_WALL,
  type TrimProfile,
} from '../limits';

/** One wall face: its length, and the inside angle of the corner at its start. */
export class FaceRecord {
  @Equals('face') kind!: 'face';
  @RecordId() id!: string;
  /** From corner to corner, straight. */
  @Millimetres(LEAST_FACE, MOST_FACE) length!: number;
  /** measured: a fact to be met; excluded: measured but not believed; outline: only a starting guess. The true length of the last two follows from the others. */
  @OneOf(['measured', 'excluded', 'outline']) lengthFrom!: 'measured' | 'excluded' | 'outline';
  /** What this length is trusted to, mm, where it is not what the room's lengths are. */
  @Optional() @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) lengthUncertainty?: number;
  @Radians(LEAST_CORNER, MOST_CORNER) corner!: number;
  /** What this corner is trusted to, radians, where it is not what the room's corners are. */
  @Optional() @Radians(LEAST_CORNER_UNCERTAINTY, MOST_CORNER_UNCERTAINTY) cornerUncertainty?: number;
  /** measured: a fact; assumed: kept as nearly as the measured values allow; excluded: measured but not believed. */
  @OneOf(['measured', 'assumed', 'excluded']) cornerFrom!: 'measured' | 'assumed' | 'excluded';
  /** How far the middle of a face that is bent to an arc stands off the straight line between its corners: out of the room, or (negative) into it. */
  @Optional() @Millimetres(-MOST_FACE, MOST_FACE) bend?: number;
  /** Thickness of the wall behind the face, its linings included, where it is not the room's. */
  @Optional() @Millimetres(LEAST_WALL, MOST_WALL) thickness?: number;
  /** Build-up on this side of the wall and on the far side (lining, furring, tile), within the thickness. */
  @Optional() @Millimetres(0, MOST_WALL) lining?: number;
  @Optional() @Millimetres(0, MOST_WALL) backLining?: number;
  /** Height of the ceiling over the corner at its start, where it is not the room's. */
  @Optional() @Millimetres(LEAST_KNEE_WALL, MOST_HEIGHT) ceilingHeight?: number;
  /** Height of a half wall, its cap included; a wall without it goes up to the ceiling. */
  @Optional() @Millimetres(LEAST_HALF_WALL, MOST_HEIGHT) wallHeight?: number;
  @Optional() @Millimetres(0, 200) cap?: number;
  /** Its skirting and cove, where they are not as the others. */
  @Optional() @Profile('skirting') skirting?: TrimProfile<'skirting'>;
  @Optional() @Profile('cove') cove?: TrimProfile<'cove'>;
  /** What the wall is finished with, where it is not as the others. */
  @Optional() @Words(1, 40) finish?: string;
}

import { Equals, IsBoolean } from 'class-validator';
import { ListOf, Millimetres, OneOf, Optional, Profile, RecordId, Words } from '../decorators';
import { fixedTypes, type FixedType } from '../fixture-types';
import {
  LEAST_ITEM,
  liningStyles,
  MOST_FACE,
  MOST_FINISH,
  MOST_HEIGHT,
  type LiningStyle,
  type TrimProfile,
  MOST_OUTLINE,
} from '../limits';
import { IsPlacement, OutlinePlace, type Placement } from '../places';

/** A thing built into the room that stays: its size, and where it stands. A round column is as wide as it is deep. */
export class FixedRecord {
  @Equals('fixed') kind!: 'fixed';
  @RecordId() id!: string;
  @OneOf(fixedTypes) type!: FixedType;
  @Millimetres(LEAST_ITEM, MOST_FACE) width!: number;
  @Millimetres(LEAST_ITEM, MOST_FACE) depth!: number;
  @Millimetres(LEAST_ITEM, MOST_HEIGHT) height!: number;
  /** Height of its underside above the floor. */
  @Millimetres(0, MOST_HEIGHT) up!: number;
  @IsPlacement() placement!: Placement;
  /** Its outline, walked from left to right along the back, where it is no rectangle; width and depth are its extent. */
  @Optional()
  @ListOf(OutlinePlace, 3, MOST_OUTLINE)
  corners?: OutlinePlace[];
  /** Of a lining: how it is made, plain unless given. */
  @Optional() @OneOf(liningStyles) style?: LiningStyle;
  /** What it is finished with, where it is not as the walls. */
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  /** Of a lining: whether light comes out of a recess along the top of its front. */
  @Optional() @IsBoolean() lit?: boolean;
  /** Of a lining: the capping on it, where it is not as the room says. */
  @Optional() @Profile('capping') capping?: TrimProfile<'capping'>;
}

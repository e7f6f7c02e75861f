import { IsBoolean, IsInt } from 'class-validator';
import { Between, Millimetres, OneOf, Optional } from '../decorators';
import { MOST_AIRFLOW, MOST_HEIGHT, MOST_INSIDE, MOST_ITEM, handleSides, type HandleSide } from '../limits';

/** What is known of an item beside its sizes, as far as checks ask for it. Lengths mm, heights above the floor. */
export class ItemFacts {
  /** The side a refrigerator is taken hold of at; both for double doors. */
  @Optional() @OneOf(handleSides) handle?: HandleSide;
  /** How far its drawers or its door come out, from the front of the box. */
  @Optional() @Millimetres(0, MOST_ITEM) opens?: number;
  /** Whether it cooks with gas, or what it says is electric. */
  @Optional() @IsBoolean() gas?: boolean;
  /** Air that a hood moves, cubic feet a minute. */
  @Optional() @Between(0, MOST_AIRFLOW) airflow?: number;
  /** Shelves and drawers inside, and receptacles for waste. */
  @Optional() @IsInt() @Between(0, MOST_INSIDE) shelves?: number;
  @Optional() @IsInt() @Between(0, MOST_INSIDE) drawers?: number;
  @Optional() @IsInt() @Between(0, MOST_INSIDE) receptacles?: number;
  /** Whether a corner cabinet has a device that brings out what is in the corner. */
  @Optional() @IsBoolean() device?: boolean;
  /** Whether a tall unit in a corner stands back behind the fronts beside it. */
  @Optional() @IsBoolean() recessed?: boolean;
  /** Whether its underside over what is cooked on is protected against heat. */
  @Optional() @IsBoolean() protectedBelow?: boolean;
  /** Of a shower: the heights of its control and head, and of the waterproof wall; whether its door swings in. */
  @Optional() @Millimetres(0, MOST_HEIGHT) control?: number;
  @Optional() @Millimetres(0, MOST_HEIGHT) head?: number;
  @Optional() @Millimetres(0, MOST_HEIGHT) waterproof?: number;
  @Optional() @IsBoolean() swingsIn?: boolean;
  /** The height of what is sat on. */
  @Optional() @Millimetres(0, MOST_HEIGHT) seat?: number;
  /** How far the drain of a toilet is from the finished wall behind it. */
  @Optional() @Millimetres(0, MOST_ITEM) roughIn?: number;
  /** The space for knees under a sink or basin: its height and width, how deep it is 27 in and 9 in above the floor. */
  @Optional() @Millimetres(0, MOST_HEIGHT) kneeHeight?: number;
  @Optional() @Millimetres(0, MOST_ITEM) kneeWidth?: number;
  @Optional() @Millimetres(0, MOST_ITEM) kneeDepth?: number;
  @Optional() @Millimetres(0, MOST_ITEM) toeDepth?: number;
}

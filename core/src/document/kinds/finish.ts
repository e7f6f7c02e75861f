import { Equals, IsBoolean, IsInt, Matches } from 'class-validator';
import { Between, Millimetres, Nested, OneOf, Optional, RecordId, Words } from '../decorators';
import {
  FINISH_CODE,
  finishMaterials,
  LEAST_REPEAT,
  MOST_FINISH,
  MOST_JOINT,
  MOST_REPEAT,
  MOST_BOX,
  MOST_TILE,
  MOST_TILE_THICKNESS,
  MOST_VARIES,
  tileShades,
  type TileShade,
  type FinishMaterial,
} from '../limits';

export const COLOUR = /^#[0-9a-f]{6}$/;

/** A sheet of mosaic: after how many mm the next one lies beside and over it, a joint with it. */
export class TileSheet {
  @Millimetres(LEAST_REPEAT, MOST_TILE) w!: number;
  @Millimetres(LEAST_REPEAT, MOST_TILE) h!: number;
}

/** A tile as it is laid: its size along a course and across it, and the joint, mm; every other course is moved along by a share of a tile. */
export class FinishTile {
  @Millimetres(LEAST_REPEAT, MOST_TILE) long!: number;
  @Millimetres(LEAST_REPEAT, MOST_TILE) high!: number;
  @Millimetres(0, MOST_JOINT) joint!: number;
  @Between(0, 1) offset!: number;
  @Matches(COLOUR) grout!: string;
  @Optional() @Millimetres(1, MOST_TILE_THICKNESS) thickness?: number;
  /** How many come in a box: tiles, or sheets of them. */
  @Optional() @IsInt() @Between(1, MOST_BOX) perBox?: number;
  /** The sheets they come on as mosaic. */
  @Optional() @Nested(TileSheet) sheet?: TileSheet;
  /** By how much they differ in size, mm, and in shade. */
  @Optional() @Millimetres(0, MOST_VARIES) varies?: number;
  @Optional() @OneOf(tileShades) shade?: TileShade;
}

/** What a finish costs, in the studio's currency, for a square metre or for a metre. */
export class FinishPrice {
  @Between(0, 1_000_000) amount!: number;
  @OneOf(['m', 'm2']) per!: 'm' | 'm2';
}

/** A finish of the studio's own that something of this room was given, as it was when the last was. */
export class FinishRecord {
  @Equals('finish') kind!: 'finish';
  @RecordId() id!: string;
  @Words(1, MOST_FINISH) name!: string;
  /** What stands in the frame on drawings. */
  @Matches(FINISH_CODE) code!: string;
  @OneOf(finishMaterials) of!: FinishMaterial;
  /** Its colour as a whole. */
  @Matches(COLOUR) colour!: string;
  /** How rough and how metallic it is. */
  @Between(0, 1) rough!: number;
  @Optional() @Between(0, 1) metal?: number;
  /** The stored picture of it, its grain upright; without one it is of one colour. */
  @Optional() @RecordId() picture?: string;
  /** What the picture shows of it: after so many mm it repeats, across and upright. */
  @Millimetres(LEAST_REPEAT, MOST_REPEAT) long!: number;
  @Millimetres(LEAST_REPEAT, MOST_REPEAT) high!: number;
  /** Whether it has a grain along it, as timber has. */
  @Optional() @IsBoolean() grain?: boolean;
  @Optional() @Nested(FinishTile) tile?: FinishTile;
  /** Where it is ordered, and under what name there. */
  @Optional() @Words(1, 200) supplier?: string;
  @Optional() @Nested(FinishPrice) price?: FinishPrice;
}

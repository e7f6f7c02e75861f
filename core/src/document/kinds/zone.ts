import { Equals, IsInt } from 'class-validator';
import {
  Between,
  ListOf,
  Millimetres,
  Nested,
  Numbers,
  OneOf,
  Optional,
  Radians,
  RecordId,
  Words,
} from '../decorators';
import {
  LEAST_REPEAT,
  MOST_FACE,
  MOST_FINISH,
  MOST_JOINT,
  MOST_OUTLINE,
  MOST_SIGHT,
  MOST_STAGGER,
  MOST_TILE,
  MOST_TILE_THICKNESS,
  MOST_WALL,
  tileColourings,
  tilePatterns,
  type TileColouring,
  type TilePattern,
} from '../limits';
import { IsPlacement, type Placement } from '../places';

/** A place of a zone, mm: along its surface from where that is placed, and across it: into the room on a floor, up on a face. */
export class ZonePlace {
  @Millimetres(-MOST_FACE, MOST_FACE) x!: number;
  @Millimetres(-MOST_FACE, MOST_FACE) y!: number;
}

/** By how much of a tile each row is moved on: n of d parts. */
export class ZoneOffset {
  @IsInt() @Between(-100, 100) n!: number;
  @IsInt() @Between(1, 100) d!: number;
}

/** How the tiles of a zone lie: a pattern, with what is said of rows, of planks, and of a weave; the usual unless given. */
export class ZonePattern {
  @OneOf(tilePatterns) type!: TilePattern;
  @Optional() @Nested(ZoneOffset) offset?: ZoneOffset;
  /** How far each row of planks is moved on, mm, over and over again. */
  @Optional() @Numbers(MOST_STAGGER, -MOST_TILE, MOST_TILE) stagger?: number[];
  @Optional() @IsInt() @Between(2, 12) n?: number;
}

/** A tile as it comes, mm. */
export class ZoneTile {
  @Millimetres(LEAST_REPEAT, MOST_TILE) w!: number;
  @Millimetres(LEAST_REPEAT, MOST_TILE) h!: number;
  @Optional() @Millimetres(1, MOST_TILE_THICKNESS) thickness?: number;
}

/** A second colour of tile among the first, and how. */
export class ZoneColouring {
  @OneOf(tileColourings) way!: TileColouring;
  @Words(1, MOST_FINISH) finish!: string;
}

/** An area that is tiled, on the floor or on a face: all of it, or within an outline of its own. */
export class ZoneRecord {
  @Equals('zone') kind!: 'zone';
  @RecordId() id!: string;
  @Optional() @Words(1, 60) name?: string;
  /** Where its places are counted from: on the floor a place and a direction, on a face a place along it, at the floor. */
  @IsPlacement() placement!: Placement;
  /** Its outline, walked either way, where it is not all of the floor or of the face. */
  @Optional() @ListOf(ZonePlace, 3, MOST_OUTLINE) corners?: ZonePlace[];
  @Nested(ZonePattern) pattern!: ZonePattern;
  @Nested(ZoneTile) tile!: ZoneTile;
  @Millimetres(0, MOST_JOINT) joint!: number;
  /** Where the pattern begins, and how far it is turned from there, counter-clockwise. */
  @Nested(ZonePlace) origin!: ZonePlace;
  @Radians(-6.2832, 6.2832) angle!: number;
  /** How far it goes into the doorways it meets; to the face unless given. */
  @Optional() @Millimetres(0, MOST_WALL) threshold?: number;
  /** The tile it is laid with. */
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  /** A second colour, where it has two. */
  @Optional() @Nested(ZoneColouring) colouring?: ZoneColouring;
  /** Places on the edges the eye meets first; as proposed unless given. */
  @Optional() @ListOf(ZonePlace, 0, MOST_SIGHT) sight?: ZonePlace[];
  /** Narrower cuts than this are slivers; 50 mm, or 2 inches, unless given. */
  @Optional() @Millimetres(1, MOST_TILE) sliver?: number;
  /** How many tiles come in a box, and the share of tiles that is bought besides (0.1 is a tenth). */
  @Optional() @IsInt() @Between(1, 10_000) perBox?: number;
  @Optional() @Between(0, 1) spares?: number;
}

import { Equals, IsBoolean, IsInt, Matches } from 'class-validator';
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
  borderCorners,
  LEAST_FALL,
  LEAST_REPEAT,
  MOST_FACE,
  MOST_FALL,
  MOST_APART,
  MOST_BED,
  MOST_BOX,
  MOST_FINISH,
  MOST_GAP,
  MOST_INSET,
  MOST_JOINT,
  MOST_KERF,
  MOST_OUTLINE,
  MOST_OWN,
  MOST_SEED,
  MOST_SIGHT,
  MOST_STAGGER,
  MOST_TILE,
  MOST_TILE_THICKNESS,
  MOST_WALL,
  revealSides,
  tileColourings,
  tileTurns,
  zonePatterns,
  type BorderCorner,
  type RevealSide,
  type TileColouring,
  type TileTurns,
  type ZonePatternType,
} from '../limits';
import { IsPlacement, type Placement } from '../places';
import { COLOUR, TileSheet } from './finish';

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

/** Rows of planks moved on by chance: what the chance begins with, and how far end joints of rows beside one another are apart at least, mm. */
export class ZoneRandom {
  @IsInt() @Between(0, MOST_SEED) seed!: number;
  @Millimetres(0, MOST_TILE) least!: number;
}

/** A piece of a pattern of one's own: its lower left corner and its size, in tiles with their joints. */
export class ZoneOwnPiece {
  @IsInt() @Between(0, MOST_OWN - 1) x!: number;
  @IsInt() @Between(0, MOST_OWN - 1) y!: number;
  @IsInt() @Between(1, MOST_OWN) w!: number;
  @IsInt() @Between(1, MOST_OWN) h!: number;
}

/** A pattern of one's own on a grid of tiles: after how many columns and rows it comes again, how many columns on it does above, and its pieces. */
export class ZoneOwnPattern {
  @IsInt() @Between(1, MOST_OWN) columns!: number;
  @IsInt() @Between(1, MOST_OWN) rows!: number;
  @IsInt() @Between(0, MOST_OWN - 1) shift!: number;
  @ListOf(ZoneOwnPiece, 1, MOST_OWN * MOST_OWN) pieces!: ZoneOwnPiece[];
}

/** How the tiles of a zone lie: a pattern, with what is said of rows, of planks, and of a weave; the usual unless given. */
export class ZonePattern {
  @OneOf(zonePatterns) type!: ZonePatternType;
  @Optional() @Nested(ZoneOwnPattern) own?: ZoneOwnPattern;
  @Optional() @Nested(ZoneOffset) offset?: ZoneOffset;
  /** How far each row of planks is moved on, mm, over and over again. */
  @Optional() @Numbers(MOST_STAGGER, -MOST_TILE, MOST_TILE) stagger?: number[];
  /** Rows of planks by chance instead. */
  @Optional() @Nested(ZoneRandom) random?: ZoneRandom;
  @Optional() @IsInt() @Between(2, 12) n?: number;
  /** Whether it lies as in a mirror: what leans right leans left. */
  @Optional() @IsBoolean() mirrored?: boolean;
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

/** A border along the edges of a zone: how far within them, mm, its tile with the way it runs first, how it goes round corners, and whether it goes round what stands in the zone, and round zones let into it, too. */
export class ZoneBorder {
  @Millimetres(0, MOST_INSET) inset!: number;
  @Nested(ZoneTile) tile!: ZoneTile;
  @OneOf(borderCorners) corners!: BorderCorner;
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  @Optional() @IsBoolean() islands?: boolean;
}

/** What a zone is laid in and filled with, where that is not as usual: adhesive by what is spread, kg a m², or by how far a bag goes, m², which wins; the share on the tiles' backs; grout by its density, kg a litre; how thick the bed is, mm. */
export class ZoneMaterials {
  @Optional() @Between(0.5, 30) kgPerM2?: number;
  @Optional() @Between(0.5, 100) bagKg?: number;
  @Optional() @Between(0.1, 100) cover?: number;
  @Optional() @Between(0, 1) backButter?: number;
  @Optional() @Between(0.5, 5) density?: number;
  @Optional() @Millimetres(0, MOST_BED) bed?: number;
}

/** How offcuts of a zone are used again: not at all, by what a saw takes, mm, turned by halves unless said; places in the middles of tiles of which nothing else is cut. */
export class ZoneReuse {
  @Optional() @IsBoolean() off?: boolean;
  @Optional() @Millimetres(0, MOST_KERF) kerf?: number;
  @Optional() @OneOf(tileTurns) turned?: TileTurns;
  @Optional() @ListOf(ZonePlace, 0, MOST_APART) apart?: ZonePlace[];
}

/** A side of a hole in a wall: of a niche, or of the reveal of a window. */
export class ZoneInside {
  @RecordId() opening!: string;
  @OneOf(revealSides) side!: RevealSide;
}

/** A side of a thing that stands in the room, an item or something fixed: which edge of its outline it is over, from its back on clockwise (of a rectangle 0 its back, 2 its front); of what lies on top of it none. */
export class ZoneUpon {
  @RecordId() thing!: string;
  @Optional() @IsInt() @Between(0, MOST_OUTLINE - 1) edge?: number;
}

/** An area that is tiled, on the floor or on a face: all of it, or within an outline of its own. */
export class ZoneRecord {
  @Equals('zone') kind!: 'zone';
  @RecordId() id!: string;
  @Optional() @Words(1, 60) name?: string;
  /** Where its places are counted from: on the floor a place and a direction, on a face a place along it, at the floor. */
  @IsPlacement() placement!: Placement;
  /** The side of an opening of its face that it is on, where it is not on the face itself: its places are counted from its lower left corner, as one looks square on it. */
  @Optional() @Nested(ZoneInside) inside?: ZoneInside;
  /** The side of a thing that it is on, where it is neither on the floor nor on a face: its places are counted from its lower left corner, as one looks square on it; from its front left one, as one looks down on it from there. */
  @Optional() @Nested(ZoneUpon) upon?: ZoneUpon;
  /** Its outline, walked either way, where it is not all of the floor or of the face. */
  @Optional() @ListOf(ZonePlace, 3, MOST_OUTLINE) corners?: ZonePlace[];
  @Nested(ZonePattern) pattern!: ZonePattern;
  @Nested(ZoneTile) tile!: ZoneTile;
  @Millimetres(0, MOST_JOINT) joint!: number;
  /** The colour of its joints, where it is not that of its tile. */
  @Optional() @Matches(COLOUR) grout?: string;
  /** Where the pattern begins, and how far it is turned from there, counter-clockwise. */
  @Nested(ZonePlace) origin!: ZonePlace;
  @Radians(-6.2832, 6.2832) angle!: number;
  /** How far it goes into the doorways it meets; to the face unless given. */
  @Optional() @Millimetres(0, MOST_WALL) threshold?: number;
  @Optional() @Nested(ZoneReuse) reuse?: ZoneReuse;
  /** How far tiles stay off the edges of the zone, mm. */
  @Optional() @Millimetres(0, MOST_GAP) gap?: number;
  /** How steeply it falls to its drain where that is least, as a share (0.01 is 1 percent); level unless given. */
  @Optional() @Between(LEAST_FALL, MOST_FALL) fall?: number;
  /** A place on the edge that a linear drain lies along, to which it falls in one plane; to a drain in its floor unless given. */
  @Optional() @Nested(ZonePlace) channel?: ZonePlace;
  /** Whether the sun heats it, so that movement joints are nearer. */
  @Optional() @IsBoolean() sunny?: boolean;
  @Optional() @Nested(ZoneMaterials) materials?: ZoneMaterials;
  /** The tile it is laid with. */
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  /** A second colour, where it has two. */
  @Optional() @Nested(ZoneColouring) colouring?: ZoneColouring;
  @Optional() @Nested(ZoneBorder) border?: ZoneBorder;
  /** Places on the edges the eye meets first; as proposed unless given. */
  @Optional() @ListOf(ZonePlace, 0, MOST_SIGHT) sight?: ZonePlace[];
  /** Narrower cuts than this are slivers; 50 mm, or 2 inches, unless given. */
  @Optional() @Millimetres(1, MOST_TILE) sliver?: number;
  /** The sheets its tiles come on as mosaic. */
  @Optional() @Nested(TileSheet) sheet?: TileSheet;
  /** How many tiles, or sheets of them, come in a box, and the share of tiles that is bought besides (0.1 is a tenth). */
  @Optional() @IsInt() @Between(1, MOST_BOX) perBox?: number;
  @Optional() @Between(0, 1) spares?: number;
}

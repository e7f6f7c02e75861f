import { Equals, IsBoolean, IsInt } from 'class-validator';
import {
  Between,
  ListOf,
  Millimetres,
  Nested,
  OneOf,
  Optional,
  Profile,
  Radians,
  RecordId,
  Words,
} from '../decorators';
import {
  LEAST_ITEM,
  MOST_HEIGHT,
  MOST_ITEM,
  MOST_OVERHANG,
  MOST_TOP_CORNER,
  cornerJoints,
  MOST_JOINTS,
  MOST_PLINTH_BACK,
  MOST_PLINTH_OUT,
  MOST_SPLASH,
  edgeProfiles,
  doorStyles,
  handleStyles,
  tilingWays,
  type TilingWay,
  MOST_FINISH,
  type CornerJoint,
  type EdgeProfile,
  type TrimProfile,
  type DoorStyle,
  type HandleStyle,
  MOST_OUTLINE,
  MOST_ROWS,
} from '../limits';
import { BuildWays } from './build-ways';
import { ItemFacts } from './item-facts';
import { ItemRow } from './item-row';
import { IsPlacement, OutlinePlace, type Placement, type Side } from '../places';

/** How far the top over an item stands past its sides, where that is not the room's usual overhang: for seats, mostly. */
export class TopOverhangs {
  @Optional() @Millimetres(0, MOST_OVERHANG) front?: number;
  @Optional() @Millimetres(0, MOST_OVERHANG) left?: number;
  @Optional() @Millimetres(0, MOST_OVERHANG) right?: number;
  @Optional() @Millimetres(0, MOST_OVERHANG) behind?: number;
}

/** How a corner of a top is made: round, or cut off by so much along both edges. */
export class TopCorner {
  @Optional() @Millimetres(1, MOST_TOP_CORNER) radius?: number;
  @Optional() @Millimetres(1, MOST_TOP_CORNER) chamfer?: number;
}

/** The corners of the top over an item that are not sharp. */
export class TopCorners {
  @Optional() @Nested(TopCorner) frontLeft?: TopCorner;
  @Optional() @Nested(TopCorner) frontRight?: TopCorner;
  @Optional() @Nested(TopCorner) behindLeft?: TopCorner;
  @Optional() @Nested(TopCorner) behindRight?: TopCorner;
  @Optional() @Nested(TopCorner) inner?: TopCorner;
}

/** A joint straight across a top: how far it is from the item's left end. */
export class TopJointPlace {
  @Millimetres(0, MOST_ITEM) at!: number;
}

/** Where the top over an item is joined otherwise than it would be: at an inside corner at its front, and across it, so far from its left end. */
export class TopJoints {
  @Optional() @OneOf(cornerJoints) frontLeft?: CornerJoint;
  @Optional() @OneOf(cornerJoints) frontRight?: CornerJoint;
  @Optional() @OneOf(cornerJoints) inner?: CornerJoint;
  @Optional() @ListOf(TopJointPlace, 1, MOST_JOINTS) across?: TopJointPlace[];
}

/** A splash on a wall over a top: so high over its surface (0: none), or up to what hangs there. */
export class TopSplash {
  @Optional() @Millimetres(0, MOST_SPLASH) height?: number;
  @Optional() @IsBoolean() full?: boolean;
}

/** What is otherwise about an edge of the top over an item than the room says: how it is worked, the splash it carries where it lies at a wall, whether the top goes down to the floor there. */
export class TopEdgeWay {
  @Optional() @OneOf(edgeProfiles) profile?: EdgeProfile;
  @Optional() @Nested(TopSplash) splash?: TopSplash;
  @Optional() @IsBoolean() waterfall?: boolean;
}

/** The edges of the top over an item. */
export class TopEdgeWays {
  @Optional() @Nested(TopEdgeWay) front?: TopEdgeWay;
  @Optional() @Nested(TopEdgeWay) left?: TopEdgeWay;
  @Optional() @Nested(TopEdgeWay) right?: TopEdgeWay;
  @Optional() @Nested(TopEdgeWay) behind?: TopEdgeWay;
}

/** What is otherwise about the plinth under an item: how far it stands back behind the sides of the box, or that there is none before it. */
export class PlinthWay {
  @Optional() @Millimetres(-MOST_PLINTH_OUT, MOST_PLINTH_BACK) front?: number;
  @Optional() @Millimetres(-MOST_PLINTH_OUT, MOST_PLINTH_BACK) left?: number;
  @Optional() @Millimetres(-MOST_PLINTH_OUT, MOST_PLINTH_BACK) right?: number;
  @Optional() @Millimetres(-MOST_PLINTH_OUT, MOST_PLINTH_BACK) behind?: number;
  @Optional() @IsBoolean() none?: boolean;
}

/** The cornice over the sides of an item, where it is not as the room says. */
export class CorniceWays {
  @Optional() @Profile('cornice') front?: TrimProfile<'cornice'>;
  @Optional() @Profile('cornice') left?: TrimProfile<'cornice'>;
  @Optional() @Profile('cornice') right?: TrimProfile<'cornice'>;
  @Optional() @Profile('cornice') behind?: TrimProfile<'cornice'>;
}

/** The light rail under the sides of an item, where it is not as the room says. */
export class LightRailWays {
  @Optional() @Profile('lightRail') front?: TrimProfile<'lightRail'>;
  @Optional() @Profile('lightRail') left?: TrimProfile<'lightRail'>;
  @Optional() @Profile('lightRail') right?: TrimProfile<'lightRail'>;
  @Optional() @Profile('lightRail') behind?: TrimProfile<'lightRail'>;
}

/** The trims along an item. */
export class ItemTrims {
  @Optional() @Nested(CorniceWays) cornice?: CorniceWays;
  @Optional() @Nested(LightRailWays) lightRail?: LightRailWays;
}

/** What the parts of an item beside its fronts are finished with, and of the top over it, where that is not as the room says. */
export class ItemFinishes {
  @Optional() @Words(1, MOST_FINISH) box?: string;
  @Optional() @Words(1, MOST_FINISH) end?: string;
  @Optional() @Words(1, MOST_FINISH) plinth?: string;
  @Optional() @Words(1, MOST_FINISH) handle?: string;
  @Optional() @Words(1, MOST_FINISH) trim?: string;
  @Optional() @Words(1, MOST_FINISH) top?: string;
  @Optional() @Words(1, MOST_FINISH) splash?: string;
  @Optional() @Words(1, MOST_FINISH) dressing?: string;
}

/** Anything set in the room. Its sizes are its own, so a change of the range's data never changes a design. */
export class ItemRecord {
  @Equals('item') kind!: 'item';
  @RecordId() id!: string;
  @RecordId() range!: string;
  @Words(1, 40) code!: string;
  /** The item kind (see ranges/kinds). */
  @RecordId() type!: string;
  @Millimetres(LEAST_ITEM, MOST_ITEM) width!: number;
  @Millimetres(LEAST_ITEM, MOST_ITEM) depth!: number;
  @Millimetres(LEAST_ITEM, MOST_HEIGHT) height!: number;
  /** Height of its underside above the floor. */
  @Millimetres(0, MOST_HEIGHT) up!: number;
  @OneOf(['left', 'right']) hand!: Side;
  @IsPlacement()
  placement!: Placement;
  /** Turned about its middle by so much against how its placement sets it. */
  @Optional() @Radians(-6.2832, 6.2832) turned?: number;
  /** How deep the legs of a corner cabinet are; its width and depth reach along both walls. */
  @Optional() @Millimetres(LEAST_ITEM, MOST_ITEM) leg?: number;
  /** The outline of a plain shape or an object, walked from left to right along the back, where it is no rectangle; width and depth are its extent. Of a mirror: along and up, width and height its extent. */
  @Optional()
  @ListOf(OutlinePlace, 3, MOST_OUTLINE)
  corners?: OutlinePlace[];
  /** The stored model of an object from outside; drawn to its sizes. */
  @Optional() @RecordId() model?: string;
  /** The top's overhangs of its own. */
  @Optional() @Nested(TopOverhangs) overhangs?: TopOverhangs;
  /** The top's corners of its own. */
  @Optional() @Nested(TopCorners) topCorners?: TopCorners;
  /** The top's joints of its own. */
  @Optional() @Nested(TopJoints) topJoints?: TopJoints;
  /** The top's edges of its own. */
  @Optional() @Nested(TopEdgeWays) topEdges?: TopEdgeWays;
  /** The plinth's way of its own under it. */
  @Optional() @Nested(PlinthWay) plinth?: PlinthWay;
  /** The trims of its own along it. */
  @Optional() @Nested(ItemTrims) trims?: ItemTrims;
  /** Whether floor and wall are tiled round it or under and behind it, where its kind does not say it rightly. */
  @Optional() @OneOf(tilingWays) tiled?: TilingWay;
  /** What is known of it beside its sizes. */
  @Optional() @Nested(ItemFacts) facts?: ItemFacts;
  /** What shows on its front and what is behind that, where that is not as its kind is, from the top down. */
  @Optional() @ListOf(ItemRow, 1, MOST_ROWS) rows?: ItemRow[];
  /** What is otherwise about how it is built than its range says. */
  @Optional() @Nested(BuildWays) built?: BuildWays;
  /** Whether it is cut round what is built in where it stands: pipe boxes, columns. */
  @Optional() @IsBoolean() cutRound?: boolean;
  /** What it is called, where its kind does not say it. */
  @Optional() @Words(1, 60) name?: string;
  /** What its fronts are finished with, or all of it where it has none. */
  @Optional() @Words(1, MOST_FINISH) finish?: string;
  @Optional() @Nested(ItemFinishes) finishes?: ItemFinishes;
  /** How its fronts are made, and what they are taken hold of by. */
  @Optional() @OneOf(doorStyles) doorStyle?: DoorStyle;
  @Optional() @OneOf(handleStyles) handleStyle?: HandleStyle;
  /** Its number on drawings and schedules, once it has one. */
  @Optional() @IsInt() @Between(1, 9_999) number?: number;
  /** Locked: not moved, changed or removed until it is unlocked. */
  @Optional() @IsBoolean() locked?: boolean;
  /** Items of one group are chosen, moved and turned together. */
  @Optional() @RecordId() group?: string;
}

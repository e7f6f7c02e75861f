import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  Equals,
  IsArray,
  IsBoolean,
  IsInt,
  IsOptional,
  IsString,
  Matches,
  ValidateNested,
} from 'class-validator';
import { Between, Millimetres, OneOf, Radians, RecordId, Words } from './decorators';
import {
  LEAST_CEILING,
  LEAST_CORNER,
  LEAST_CORNER_UNCERTAINTY,
  LEAST_EYE,
  LEAST_FACE,
  LEAST_HALF_WALL,
  LEAST_ITEM,
  LEAST_OPENING,
  LEAST_OPEN_ANGLE,
  LEAST_PIXEL,
  LEAST_UNCERTAINTY,
  LEAST_WALL,
  MOST_CORNER,
  MOST_CORNER_UNCERTAINTY,
  MOST_EYE,
  MOST_FACE,
  MOST_HEIGHT,
  MOST_ITEM,
  MOST_OVERHANG,
  MOST_PIXEL,
  MOST_UNCERTAINTY,
  MOST_WALL,
  packIds,
  runBands,
  type PackId,
  type RunBand,
} from './limits';
import { fixedTypes, serviceTypes, type FixedType, type ServiceType } from './fixture-types';
import { FacePlace, FacePlacement, FloorPlacement, IsPlacement, type Placement, type Side } from './places';
import { RangeRecord } from './range-record';
import {
  measuredFrom,
  openingActions,
  openingTypes,
  type MeasuredFrom,
  type OpeningAction,
  type OpeningType,
} from './opening-types';
import { lengthUnits, type LengthUnit } from '../units/units';

/**
 * The records a design is made of: what a person decided, nothing computable.
 * Lengths are millimetres, angles radians. The published JSON Schema is generated from these decorators.
 */

/** The room itself: how it is named, measured and shown, and the standard heights decided for it. */
export class RoomRecord {
  @Equals('room') kind!: 'room';
  @RecordId() id!: string;
  @Words(1, 80) name!: string;
  /** The number it goes by on the drawings of the job. */
  @IsOptional() @Words(1, 12) number?: string;
  @OneOf(lengthUnits) unit!: LengthUnit;
  /** Rounding step of shown lengths, mm. */
  @Millimetres(0.01, 100) step!: number;
  @Millimetres(LEAST_CEILING, MOST_HEIGHT) ceilingHeight!: number;
  /** Thickness of the walls drawn behind the faces. */
  @Millimetres(LEAST_WALL, MOST_WALL) wallThickness!: number;
  /** Standard height of the finished countertop above the floor. */
  @Millimetres(500, 1_500) counterHeight!: number;
  @Millimetres(3, 150) topThickness!: number;
  /** How far the top stands past the box at the front, and at a free end. */
  @Millimetres(0, 500) frontOverhang!: number;
  @Millimetres(0, 500) endOverhang!: number;
  /** What a taped length and a measured corner are trusted to (one standard deviation): mm and radians. */
  @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) lengthUncertainty!: number;
  @Radians(LEAST_CORNER_UNCERTAINTY, MOST_CORNER_UNCERTAINTY) cornerUncertainty!: number;
  /** The rule pack the room is checked by. */
  @OneOf(packIds) pack!: PackId;
  /** The range taken from unless another is chosen. */
  @RecordId() range!: string;
  /** Whether cabinets may be ordered in widths their range does not list; without it, edits keep to the listed ones. */
  @IsOptional() @IsBoolean() specials?: boolean;
  /** Where north is: turned so far to the left from the top of the plan. The top unless given. */
  @IsOptional() @Radians(-3.1416, 3.1416) north?: number;
  /** What fronts, tops, floor and walls are finished with, where a thing has no finish of its own. */
  @IsOptional() @Words(1, 40) frontFinish?: string;
  @IsOptional() @Words(1, 40) topFinish?: string;
  @IsOptional() @Words(1, 40) floorFinish?: string;
  @IsOptional() @Words(1, 40) wallFinish?: string;
}

/** The closed chain of faces around the room, in the order they were walked. */
export class LoopRecord {
  @Equals('loop') kind!: 'loop';
  @RecordId() id!: string;
  @IsArray() @ArrayMinSize(3) @ArrayMaxSize(200) @ArrayUnique() @IsString({ each: true }) faces!: string[];
  /** What they go by, in this order, where that is not A, B, C: a face keeps its letter when others come between. */
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(200)
  @ArrayUnique()
  @Matches(/^[A-Z]{1,2}$/, { each: true })
  letters?: string[];
}

/** One wall face: its length, and the inside angle of the corner at its start. */
export class FaceRecord {
  @Equals('face') kind!: 'face';
  @RecordId() id!: string;
  /** From corner to corner, straight. */
  @Millimetres(LEAST_FACE, MOST_FACE) length!: number;
  /** measured: a fact to be met; excluded: measured but not believed; outline: only a starting guess. The true length of the last two follows from the others. */
  @OneOf(['measured', 'excluded', 'outline']) lengthFrom!: 'measured' | 'excluded' | 'outline';
  /** What this length is trusted to, mm, where it is not what the room's lengths are. */
  @IsOptional() @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) lengthUncertainty?: number;
  @Radians(LEAST_CORNER, MOST_CORNER) corner!: number;
  /** What this corner is trusted to, radians, where it is not what the room's corners are. */
  @IsOptional() @Radians(LEAST_CORNER_UNCERTAINTY, MOST_CORNER_UNCERTAINTY) cornerUncertainty?: number;
  /** measured: a fact; assumed: kept as nearly as the measured values allow; excluded: measured but not believed. */
  @OneOf(['measured', 'assumed', 'excluded']) cornerFrom!: 'measured' | 'assumed' | 'excluded';
  /** How far the middle of a face that is bent to an arc stands off the straight line between its corners: out of the room, or (negative) into it. */
  @IsOptional() @Millimetres(-MOST_FACE, MOST_FACE) bend?: number;
  /** Thickness of the wall behind the face, its linings included, where it is not the room's. */
  @IsOptional() @Millimetres(LEAST_WALL, MOST_WALL) thickness?: number;
  /** Build-up on this side of the wall and on the far side (lining, furring, tile), within the thickness. */
  @IsOptional() @Millimetres(0, MOST_WALL) lining?: number;
  @IsOptional() @Millimetres(0, MOST_WALL) backLining?: number;
  /** Height of the ceiling over the corner at its start, where it is not the room's. */
  @IsOptional() @Millimetres(LEAST_CEILING, MOST_HEIGHT) ceilingHeight?: number;
  /** Height of a half wall, its cap included; a wall without it goes up to the ceiling. */
  @IsOptional() @Millimetres(LEAST_HALF_WALL, MOST_HEIGHT) wallHeight?: number;
  @IsOptional() @Millimetres(0, 200) cap?: number;
  /** What the wall is finished with, where it is not as the others. */
  @IsOptional() @Words(1, 40) finish?: string;
}

/** A picture laid under the plan to draw over: where its top left corner lies, how it is turned, and its scale. */
export class UnderlayRecord {
  @Equals('underlay') kind!: 'underlay';
  @RecordId() id!: string;
  /** The stored file. */
  @RecordId() file!: string;
  @Words(1, 120) name!: string;
  @Between(1, 40_000) pixelsWide!: number;
  @Between(1, 40_000) pixelsHigh!: number;
  @Millimetres(-200_000, 200_000) x!: number;
  @Millimetres(-200_000, 200_000) y!: number;
  @Radians(-6.2832, 6.2832) turn!: number;
  @Between(LEAST_PIXEL, MOST_PIXEL) mmPerPixel!: number;
  /** 0 for fully shown, 1 for not at all. */
  @Between(0, 1) fade!: number;
  @IsBoolean() locked!: boolean;
}

/** A place on a face, mm from its left or right end, where an open length of one height band is left open on purpose. */
export class LeftOpenRecord {
  @Equals('left-open') kind!: 'left-open';
  @RecordId() id!: string;
  @OneOf(runBands) band!: RunBand;
  @ValidateNested() @Type(() => FacePlace) at!: FacePlace;
}

/** A line that divides an open plan without a wall: what lies on one side of it, seen from its start, is a part with a name of its own. */
export class DividerRecord {
  @Equals('divider') kind!: 'divider';
  @RecordId() id!: string;
  @Words(1, 80) name!: string;
  @ValidateNested() @Type(() => FacePlace) from!: FacePlace;
  @ValidateNested() @Type(() => FacePlace) to!: FacePlace;
  @OneOf(['left', 'right']) side!: Side;
}

/** A line the room is cut along for a section, from a place on one face to a place on another; what lies on one side of it, seen from its start, is looked at. */
export class SectionRecord {
  @Equals('section') kind!: 'section';
  @RecordId() id!: string;
  /** What it goes by at both its ends and under the section. */
  @Words(1, 4) name!: string;
  @ValidateNested() @Type(() => FacePlace) from!: FacePlace;
  @ValidateNested() @Type(() => FacePlace) to!: FacePlace;
  @OneOf(['left', 'right']) side!: Side;
}

/** A place to stand in the room and look from, kept to be shown again: in plan, the eye's height above the floor, the direction looked in against the x axis, and up. */
export class StandpointRecord {
  @Equals('standpoint') kind!: 'standpoint';
  @RecordId() id!: string;
  @Words(1, 40) name!: string;
  @Millimetres(-200_000, 200_000) x!: number;
  @Millimetres(-200_000, 200_000) y!: number;
  @Millimetres(LEAST_EYE, MOST_EYE) eye!: number;
  @Radians(-3.1416, 3.1416) turn!: number;
  @Radians(-1.5708, 1.5708) nod!: number;
}

/** A distance taped between two places of the room: a diagonal, or from a corner to a point on another face. */
export class MeasurementRecord {
  @Equals('measurement') kind!: 'measurement';
  @RecordId() id!: string;
  @ValidateNested() @Type(() => FacePlace) from!: FacePlace;
  @ValidateNested() @Type(() => FacePlace) to!: FacePlace;
  @Millimetres(LEAST_FACE, MOST_FACE * 2) length!: number;
  @IsOptional() @Millimetres(LEAST_UNCERTAINTY, MOST_UNCERTAINTY) uncertainty?: number;
  /** excluded: kept, but not believed. */
  @OneOf(['measured', 'excluded']) standing!: 'measured' | 'excluded';
}

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

/** A corner of an outline, in the frame of the thing it is the outline of: along its back from the left end, and out from it. */
export class OutlinePlace {
  @Millimetres(0, MOST_FACE) along!: number;
  @Millimetres(0, MOST_FACE) out!: number;
}

/** How far the top over an item stands past its sides, where that is not the room's usual overhang: for seats, mostly. */
export class TopOverhangs {
  @IsOptional() @Millimetres(0, MOST_OVERHANG) left?: number;
  @IsOptional() @Millimetres(0, MOST_OVERHANG) right?: number;
  @IsOptional() @Millimetres(0, MOST_OVERHANG) behind?: number;
}

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
  @IsOptional()
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => OutlinePlace)
  corners?: OutlinePlace[];
}

/** A point of supply or waste: on a face so far from one of its ends, or on the floor or ceiling. */
export class ServiceRecord {
  @Equals('service') kind!: 'service';
  @RecordId() id!: string;
  @OneOf(serviceTypes) type!: ServiceType;
  /** Height above the floor. */
  @Millimetres(0, MOST_HEIGHT) up!: number;
  @IsPlacement() placement!: Placement;
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
  @IsOptional() @Radians(-6.2832, 6.2832) turned?: number;
  /** How deep the legs of a corner cabinet are; its width and depth reach along both walls. */
  @IsOptional() @Millimetres(LEAST_ITEM, MOST_ITEM) leg?: number;
  /** The outline of a plain shape, walked from left to right along the back, where it is no rectangle; width and depth are its extent. Of a mirror: along and up, width and height its extent. */
  @IsOptional()
  @IsArray()
  @ArrayMinSize(3)
  @ArrayMaxSize(60)
  @ValidateNested({ each: true })
  @Type(() => OutlinePlace)
  corners?: OutlinePlace[];
  /** The top's overhangs of its own. */
  @IsOptional() @ValidateNested() @Type(() => TopOverhangs) overhangs?: TopOverhangs;
  /** What it is called, where its kind does not say it. */
  @IsOptional() @Words(1, 60) name?: string;
  @IsOptional() @Words(1, 40) finish?: string;
  /** Its number on drawings and schedules, once it has one. */
  @IsOptional() @IsInt() @Between(1, 9_999) number?: number;
  /** Locked: not moved, changed or removed until it is unlocked. */
  @IsOptional() @IsBoolean() locked?: boolean;
  /** Items of one group are chosen, moved and turned together. */
  @IsOptional() @RecordId() group?: string;
}

/** A record that has a placement. */
export type PlacedRecord = FixedRecord | ItemRecord | ServiceRecord;

export { FacePlace, FacePlacement, FloorPlacement, type Placement, type Side };
export type DesignRecord =
  | DividerRecord
  | FaceRecord
  | FixedRecord
  | ItemRecord
  | LeftOpenRecord
  | LoopRecord
  | MeasurementRecord
  | OpeningRecord
  | RangeRecord
  | RoomRecord
  | SectionRecord
  | ServiceRecord
  | StandpointRecord
  | UnderlayRecord;
export type RecordKind = DesignRecord['kind'];

/** The class of each record kind, sorted by kind. */
export const recordClasses = {
  divider: DividerRecord,
  face: FaceRecord,
  fixed: FixedRecord,
  item: ItemRecord,
  'left-open': LeftOpenRecord,
  loop: LoopRecord,
  measurement: MeasurementRecord,
  opening: OpeningRecord,
  range: RangeRecord,
  room: RoomRecord,
  section: SectionRecord,
  service: ServiceRecord,
  standpoint: StandpointRecord,
  underlay: UnderlayRecord,
};

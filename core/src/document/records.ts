import 'reflect-metadata';
import { ConstructionRecord } from './kinds/construction';
import { DimensionRecord } from './kinds/dimension';
import { DividerRecord } from './kinds/divider';
import { FaceRecord } from './kinds/face';
import { FinishRecord } from './kinds/finish';
import { FixedRecord } from './kinds/fixed';
import { FrameRecord } from './kinds/frame';
import { ItemRecord } from './kinds/item';
import { LeftOpenRecord } from './kinds/left-open';
import { LimitRecord } from './kinds/limit';
import { LoopRecord } from './kinds/loop';
import { MeasurementRecord } from './kinds/measurement';
import { OpeningRecord } from './kinds/opening';
import { ProfileRecord } from './kinds/profile';
import { RangeRecord } from './kinds/range';
import { RoomRecord } from './kinds/room';
import { RowWayRecord } from './kinds/row-way';
import { SchemeRecord } from './kinds/scheme';
import { SectionRecord } from './kinds/section';
import { ServiceRecord } from './kinds/service';
import { StandpointRecord } from './kinds/standpoint';
import { UnderlayRecord } from './kinds/underlay';
import { WaiverRecord } from './kinds/waiver';
import { ZoneRecord } from './kinds/zone';
import type { Placement } from './places';

/**
 * The records a design is made of: what a person decided, nothing computable.
 * Lengths are millimetres, angles radians. The published JSON Schema is generated from the decorators of these classes.
 */
export const recordClasses = {
  construction: ConstructionRecord,
  dimension: DimensionRecord,
  divider: DividerRecord,
  face: FaceRecord,
  finish: FinishRecord,
  fixed: FixedRecord,
  frame: FrameRecord,
  item: ItemRecord,
  'left-open': LeftOpenRecord,
  limit: LimitRecord,
  loop: LoopRecord,
  measurement: MeasurementRecord,
  opening: OpeningRecord,
  profile: ProfileRecord,
  range: RangeRecord,
  room: RoomRecord,
  'row-way': RowWayRecord,
  scheme: SchemeRecord,
  section: SectionRecord,
  service: ServiceRecord,
  standpoint: StandpointRecord,
  underlay: UnderlayRecord,
  waiver: WaiverRecord,
  zone: ZoneRecord,
};

export type RecordKind = keyof typeof recordClasses;
/** The record of a kind. */
export type RecordOf<K extends RecordKind> = InstanceType<(typeof recordClasses)[K]>;
export type DesignRecord = { [K in RecordKind]: RecordOf<K> }[RecordKind];
/** A record that has a placement. */
export type PlacedRecord = Extract<DesignRecord, { placement: Placement }>;

export { BuildWays } from './kinds/build-ways';
export { DimensionEnd } from './kinds/dimension';
export { FinishTile, TileSheet } from './kinds/finish';
export { FrameCrop, FramePlace } from './kinds/frame';
export { ItemRow } from './kinds/item-row';
export { OpeningShape } from './kinds/opening';
export {
  CorniceWays,
  ItemFinishes,
  ItemTrims,
  LightRailWays,
  PlinthWay,
  TopCorner,
  TopCorners,
  TopEdgeWay,
  TopEdgeWays,
  TopJointPlace,
  TopJoints,
  TopOverhangs,
  TopSplash,
} from './kinds/item';
export { ProfilePlace } from './kinds/profile';
export { RoomFinishes } from './kinds/room';
export { SchemePart } from './kinds/scheme';
export { WaivedCheck } from './kinds/waiver';
export {
  ZoneBorder,
  ZoneColouring,
  ZoneInside,
  ZoneUpon,
  ZoneMaterials,
  ZoneOwnPattern,
  ZonePattern,
  ZoneRandom,
  ZonePlace,
  ZoneReuse,
  ZoneTile,
} from './kinds/zone';
export { FacePlace, FacePlacement, FloorPlacement, OutlinePlace, type Placement, type Side } from './places';
export {
  ConstructionRecord,
  DimensionRecord,
  DividerRecord,
  FaceRecord,
  FinishRecord,
  FixedRecord,
  FrameRecord,
  ItemRecord,
  LeftOpenRecord,
  LimitRecord,
  LoopRecord,
  MeasurementRecord,
  OpeningRecord,
  ProfileRecord,
  RangeRecord,
  RoomRecord,
  RowWayRecord,
  SchemeRecord,
  SectionRecord,
  ServiceRecord,
  StandpointRecord,
  UnderlayRecord,
  WaiverRecord,
  ZoneRecord,
};

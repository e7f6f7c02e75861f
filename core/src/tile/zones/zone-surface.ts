import { recordOf, type Design } from '../../document/design';
import type { ZoneInside, ZonePlace, ZoneRecord, ZoneUpon } from '../../document/records';
import { rememberOne } from '../../document/remember';
import { direction, dot, place, subtract, type Point } from '../../geometry/point';
import type { Region } from '../../geometry/region';
import { facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { quantise } from '../../units/units';
import { findReveal, revealFrame, revealOutline, type Reveal } from './reveals';
import type { SurfaceFrame } from './surface-frame';
import { findThingSide, type ThingSide } from './thing-sides';

/** The surface a zone is on, in the zone's places: along it from where the zone is placed, and across it, mm. */
export interface ZoneSurface {
  /** Which it is: that of zones on the same floor, face, or side of a hole or of a thing is the same. */
  key: string;
  /** The face it is on, or has its hole in; null for the floor. */
  face: PlacedFace | null;
  /** The side of a hole it is on, where it is on one; null too where that is no more. */
  reveal: Reveal | null;
  /** The side of a thing it is on, where it is on one; null too where that is no more. */
  side: ThingSide | null;
  /** Where it is in the room, and all of it, where it is a side of a hole or of a thing: such are drawn by themselves. */
  apart: { frame: SurfaceFrame; region: Region } | null;
  /** How far it is turned in plan where it lies level; null of what stands. */
  turn: number | null;
  /** Of the floor and of what lies over it: a place of the plan as a place of the zone, and back. */
  fromPlan: (at: Point) => Point;
  toPlan: (at: Point) => Point;
  /** Of a face: how far along it the zone is placed, from its left end. */
  zero: number;
  /** A place of the zone on the drawing of its surface (the plan, the elevation of its face, what is apart by itself), and back. */
  toDrawing: (at: Point) => Point;
  fromDrawing: (at: Point) => Point;
}

/** The key of the floor, of a face, of a side of a hole, or of a thing. */
export const FLOOR_KEY = '';
export const revealKey = ({ opening, side }: ZoneInside): string => `${opening} ${side}`;
export const sideKey = ({ thing, edge }: ZoneUpon): string => `${thing} ${edge ?? 'top'}`;

/** Where a zone is. */
export type ZoneOn = Pick<ZoneRecord, 'inside' | 'placement' | 'upon'>;

/** Whether a zone is on the floor itself. */
export const isOfFloor = ({ placement, upon }: Omit<ZoneOn, 'inside'>): boolean =>
  placement.on === 'floor' && !upon;

/** The key of the surface a zone is on, whether that is there or not. */
function surfaceKey({ placement, inside, upon }: ZoneOn): string {
  if (upon) return sideKey(upon);
  if (inside) return revealKey(inside);
  return placement.on === 'face' ? placement.face : FLOOR_KEY;
}

export function surfaceOf(design: Design, { placement, inside, upon }: ZoneOn): ZoneSurface {
  if (upon) return sideSurface(design, upon);
  const key = surfaceKey({ placement, ...(inside && { inside }) });
  const on = inside ? recordOf(design, 'opening', inside.opening)?.face : key;
  const face = (on && roomShape(design).byId.get(on)) || null;
  if (inside || (placement.on === 'face' && !face)) {
    const reveal = (inside && findReveal(design, inside)) ?? null;
    const apart = reveal && { frame: revealFrame(reveal), region: wholeOf(reveal) };
    return { key, face, reveal, side: null, apart, zero: 0, ...AS_IT_IS };
  }
  if (placement.on === 'face') {
    const wall = face!;
    const zero = placement.from === 'left' ? placement.distance : wall.length - placement.distance;
    const toPlan = ({ x }: Point) => facePoint(wall, zero + x);
    return {
      ...{ key, face, reveal: null, side: null, apart: null, turn: null, zero, toPlan, fromPlan: same },
      toDrawing: ({ x, y }) => ({ x: x + zero, y }),
      fromDrawing: ({ x, y }) => ({ x: x - zero, y }),
    };
  }
  const u = direction(placement.turn);
  const v = { x: -u.y, y: u.x };
  const toPlan = ({ x, y }: Point) => place(placement, u, x, v, y);
  const fromPlan = (at: Point) => {
    const off = subtract(at, placement);
    return { x: dot(off, u), y: dot(off, v) };
  };
  return {
    ...{ key: FLOOR_KEY, face: null, reveal: null, side: null, apart: null, zero: 0 },
    turn: placement.turn,
    ...{ toPlan, fromPlan, toDrawing: toPlan, fromDrawing: fromPlan },
  };
}

const same = (at: Point): Point => at;
/** What is no more has no places; what is upright and apart has none in plan. */
const AS_IT_IS = { turn: null, toPlan: same, fromPlan: same, toDrawing: same, fromDrawing: same };

const wholeOf = rememberOne((reveal: Reveal): Region => [[...revealOutline(reveal)]]);

/** All of a surface that is drawn by itself: of a side of a hole or of a thing; null for others. */
export const regionApart = ({ reveal, side }: Pick<ZoneSurface, 'reveal' | 'side'>): Region | null =>
  side ? side.region : reveal && wholeOf(reveal);

function sideSurface(design: Design, upon: ZoneUpon): ZoneSurface {
  const side = findThingSide(design, upon) ?? null;
  const none = { face: null, reveal: null, zero: 0 };
  if (!side) return { key: sideKey(upon), ...none, side, apart: null, ...AS_IT_IS };
  const { frame, region } = side;
  const {
    origin: [x, y],
    right,
    up,
  } = frame;
  const made = { key: sideKey(side.upon), ...none, side, apart: { frame, region } };
  if (side.upon.edge !== undefined) return { ...made, ...AS_IT_IS };
  const [u, v] = [right, up].map(([ux, uy]) => ({ x: ux, y: uy })) as [Point, Point];
  return {
    ...{ ...made, ...AS_IT_IS, turn: Math.atan2(u.y, u.x) },
    toPlan: (at) => place({ x, y }, u, at.x, v, at.y),
    fromPlan: (at) => {
      const off = subtract(at, { x, y });
      return { x: dot(off, u), y: dot(off, v) };
    },
  };
}

/** A place of one zone in the places of another that is on the same surface. */
export const betweenSurfaces =
  (from: ZoneSurface, to: ZoneSurface) =>
  (at: Point): Point =>
    to.fromDrawing(from.toDrawing(at));

/** A place of a zone as it is stored. */
export const storedPlace = ({ x, y }: Point): ZonePlace => ({ x: quantise(x), y: quantise(y) });

import { recordOf, type Design } from '../../document/design';
import type { ZoneInside, ZonePlace, ZoneRecord } from '../../document/records';
import { direction, dot, place, subtract, type Point } from '../../geometry/point';
import { facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { quantise } from '../../units/units';
import { findReveal, type Reveal } from './reveals';

/** The surface a zone is on, in the zone's places: along it from where the zone is placed, and across it, mm. */
export interface ZoneSurface {
  /** Which it is: that of zones on the same floor, face, or side of a hole is the same. */
  key: string;
  /** The face it is on, or has its hole in; null for the floor. */
  face: PlacedFace | null;
  /** The side of a hole it is on, where it is on one; null too where that is no more. */
  reveal: Reveal | null;
  /** Of the floor: a place of the plan as a place of the zone, and back. */
  fromPlan: (at: Point) => Point;
  toPlan: (at: Point) => Point;
  /** Of a face: how far along it the zone is placed, from its left end. */
  zero: number;
  /** A place of the zone on the drawing of its surface (the plan, the elevation of its face, the side of a hole by itself), and back. */
  toDrawing: (at: Point) => Point;
  fromDrawing: (at: Point) => Point;
}

/** The key of the floor, of a face, or of a side of a hole. */
export const FLOOR_KEY = '';
export const revealKey = ({ opening, side }: ZoneInside): string => `${opening} ${side}`;
/** The key of the surface a zone is on, whether that is there or not. */
export function surfaceKey({ placement, inside }: Pick<ZoneRecord, 'inside' | 'placement'>): string {
  if (inside) return revealKey(inside);
  return placement.on === 'face' ? placement.face : FLOOR_KEY;
}

export function surfaceOf(
  design: Design,
  { placement, inside }: Pick<ZoneRecord, 'inside' | 'placement'>,
): ZoneSurface {
  const key = surfaceKey({ placement, ...(inside && { inside }) });
  const on = inside ? recordOf(design, 'opening', inside.opening)?.face : key;
  const face = (on && roomShape(design).byId.get(on)) || null;
  if (inside || (placement.on === 'face' && !face)) {
    // What is no more has no places.
    const reveal = (inside && findReveal(design, inside)) ?? null;
    const asItIs = { toPlan: same, fromPlan: same, toDrawing: same, fromDrawing: same };
    return { key, face, reveal, zero: 0, ...asItIs };
  }
  if (placement.on === 'face') {
    const wall = face!;
    const zero = placement.from === 'left' ? placement.distance : wall.length - placement.distance;
    const toPlan = ({ x }: Point) => facePoint(wall, zero + x);
    return {
      ...{ key, face, reveal: null, zero, toPlan, fromPlan: same },
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
    ...{ key: FLOOR_KEY, face: null, reveal: null, zero: 0 },
    ...{ toPlan, fromPlan, toDrawing: toPlan, fromDrawing: fromPlan },
  };
}

const same = (at: Point): Point => at;

/** A place of one zone in the places of another that is on the same surface. */
export const betweenSurfaces =
  (from: ZoneSurface, to: ZoneSurface) =>
  (at: Point): Point =>
    to.fromDrawing(from.toDrawing(at));

/** A place of a zone as it is stored. */
export const storedPlace = ({ x, y }: Point): ZonePlace => ({ x: quantise(x), y: quantise(y) });

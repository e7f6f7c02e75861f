import type { Design } from '../../document/design';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { direction, dot, place, subtract, type Point } from '../../geometry/point';
import { facePoint, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { quantise } from '../../units/units';

/** The surface a zone is on, in the zone's places: along it from where the zone is placed, and across it, mm. */
export interface ZoneSurface {
  /** The face it is on; null for the floor. */
  face: PlacedFace | null;
  /** Of the floor: a place of the plan as a place of the zone, and back. */
  fromPlan: (at: Point) => Point;
  toPlan: (at: Point) => Point;
  /** Of a face: how far along it the zone is placed, from its left end. */
  zero: number;
}

export function surfaceOf(design: Design, { placement }: Pick<ZoneRecord, 'placement'>): ZoneSurface {
  if (placement.on === 'face') {
    const face = roomShape(design).byId.get(placement.face)!;
    const zero = placement.from === 'left' ? placement.distance : face.length - placement.distance;
    const toPlan = ({ x }: Point) => facePoint(face, zero + x);
    return { face, zero, toPlan, fromPlan: (at) => at };
  }
  const u = direction(placement.turn);
  const v = { x: -u.y, y: u.x };
  return {
    ...{ face: null, zero: 0 },
    toPlan: ({ x, y }) => place(placement, u, x, v, y),
    fromPlan: (at) => {
      const off = subtract(at, placement);
      return { x: dot(off, u), y: dot(off, v) };
    },
  };
}

/** A place of one surface in the places of another that is on the same floor or face. */
export const betweenSurfaces =
  (from: ZoneSurface, to: ZoneSurface) =>
  ({ x, y }: Point): Point =>
    to.face ? { x: x + from.zero - to.zero, y } : to.fromPlan(from.toPlan({ x, y }));

/** A place of a zone as it is stored. */
export const storedPlace = ({ x, y }: Point): ZonePlace => ({ x: quantise(x), y: quantise(y) });

import type { Placement } from '../document/records';
import { direction, inward, place, type Point } from '../geometry/point';
import { backOff, frameAt, type PlacedFace } from './placed-face';
import type { RoomShape } from './room-shape';

/** Where a placed thing of some width and depth stands: origin is its back left corner, u runs along its back, n towards its front. */
export interface Footprint {
  origin: Point;
  u: Point;
  n: Point;
  turn: number;
  /** Floor outline, clockwise: back left, back right, front right, front left. */
  footprint: Point[];
  /** The face it stands against, and its left end along it, mm (on a bent face: half its width left of its middle); null when it stands free. */
  against: { face: PlacedFace; along: number } | null;
}

/** The place of a placement in a room of this shape, mm. */
export function footprintOf(placement: Placement, width: number, depth: number, shape: RoomShape): Footprint {
  let against: Footprint['against'] = null;
  let origin: Point;
  let u: Point;
  let turn: number;
  if (placement.on === 'face') {
    const face = shape.byId.get(placement.face)!;
    const along = placement.from === 'left' ? placement.distance : face.length - placement.distance - width;
    against = { face, along };
    const frame = frameAt(face, along + width / 2);
    u = frame.u;
    origin = place(frame.at, u, -width / 2, frame.n, placement.off + backOff(face, width));
    turn = face.arc ? Math.atan2(u.y, u.x) : face.turn;
  } else {
    origin = { x: placement.x, y: placement.y };
    turn = placement.turn;
    u = direction(turn);
  }
  const n = inward(u);
  const footprint = [
    origin,
    place(origin, u, width, n, 0),
    place(origin, u, width, n, depth),
    place(origin, u, 0, n, depth),
  ];
  return { origin, u, n, turn, footprint, against };
}

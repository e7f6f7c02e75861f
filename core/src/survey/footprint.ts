import type { Placement } from '../document/records';
import { direction, inward, place, type Point } from '../geometry/point';
import type { PlacedFace, RoomShape } from './room-shape';

/** Where a placed thing of some width and depth stands: origin is its back left corner, u runs along its back, n towards its front. */
export interface Footprint {
  origin: Point;
  u: Point;
  n: Point;
  turn: number;
  /** Floor outline, clockwise: back left, back right, front right, front left. */
  footprint: Point[];
  /** The face it stands against, and its left end along it, mm; null when it stands free. */
  against: { face: PlacedFace; along: number } | null;
}

/** The place of a placement in a room of this shape, mm. */
export function footprintOf(placement: Placement, width: number, depth: number, shape: RoomShape): Footprint {
  let against: Footprint['against'] = null;
  let origin: Point = { x: 0, y: 0 };
  let turn = 0;
  if (placement.on === 'face') {
    const face = shape.byId.get(placement.face)!;
    const along = placement.from === 'left' ? placement.distance : face.length - placement.distance - width;
    against = { face, along };
    origin = place(face.start, face.u, along, face.n, placement.off);
    turn = face.turn;
  } else {
    origin = { x: placement.x, y: placement.y };
    turn = placement.turn;
  }
  const u = against?.face.u ?? direction(turn);
  const n = inward(u);
  const footprint = [
    origin,
    place(origin, u, width, n, 0),
    place(origin, u, width, n, depth),
    place(origin, u, 0, n, depth),
  ];
  return { origin, u, n, turn, footprint, against };
}

import { place, type Point } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { isMovable, type ItemKind } from '../../ranges/item-kind';
import type { Body } from '../../setting/bodies';
import type { ItemBox } from '../../setting/item-box';
import { stretchesOfPath, stretchOfPolygon, type Strip } from '../../setting/strip';
import { facePath } from '../../survey/placed-face';
import type { RoomShape } from '../../survey/room-shape';

/** Nothing farther than this is looked for, mm. */
export const FAR = 6_000;

/** What bounds a band of floor: how far along it, mm, and what does; null for a wall. */
export interface Bound {
  away: number;
  id: string | null;
}

/** A wall that a band begins at bounds it: one no farther behind its origin is at it, mm. */
const AT = TOUCH / 2;

/** The nearest wall or body along a band from its origin. */
export function nearestAlong(strip: Strip, faces: RoomShape['faces'], bodies: readonly Body[]): Bound {
  let nearest: Bound = { away: FAR, id: null };
  const note = ([from]: readonly [number, number], id: string | null) => {
    if (from < nearest.away) nearest = { away: Math.max(0, from), id };
  };
  for (const face of faces)
    for (const stretch of stretchesOfPath(strip, facePath(face)))
      if (stretch[1] >= -AT) note(stretch, face.id);
  for (const { id, pieces } of bodies)
    for (const piece of pieces) {
      const stretch = stretchOfPolygon(strip, piece);
      // What the band begins in does not bound it.
      if (stretch && stretch[1] > TOUCH) note(stretch, id);
    }
  return nearest;
}

/** The band straight before an item over its width, from so far out of its back on. */
export function bandAhead({ origin, u, n, record }: ItemBox, out: number): Strip {
  return { origin: place(origin, n, out, u, 0), u: n, n: u, near: 0, far: record.width };
}

/** The band to a side of an item's centre line, over its own depth; narrower by a hair, so that a wall behind is none beside. */
export function bandBeside({ origin, u, n, record }: ItemBox, side: 'left' | 'right', from: number): Strip {
  const way = side === 'left' ? -1 : 1;
  const at = place(origin, u, record.width / 2 + way * from, n, 0);
  return { origin: at, u: { x: u.x * way, y: u.y * way }, n, near: TOUCH, far: record.depth - TOUCH };
}

/** A band as a polygon, so far along. */
export function bandPlace({ origin, u, n, near, far }: Strip, away: number): Point[] {
  return [
    place(origin, u, 0, n, near),
    place(origin, u, away, n, near),
    place(origin, u, away, n, far),
    place(origin, u, 0, n, far),
  ];
}

/** What stands in the way of a person: not what is moved about, what hangs higher, what one walks over, or what one holds on by and has at hand there. */
export const isObstacle = ({ box, low, high }: Body): boolean =>
  low < HANGS && high > FLUSH && !(box && (isMovable(box.kind) || isAtHand(box.kind)));

/** Standards that ask for them let them stand into the room they ask for. */
const isAtHand = ({ id }: ItemKind): boolean => id === 'grab-bar' || id === 'paper-holder';
/** What begins no lower than this is over what one does there; what ends no higher is floor, mm. */
const HANGS = 900;
const FLUSH = 30;

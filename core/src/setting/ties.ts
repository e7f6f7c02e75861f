import type { Design } from '../document/design';
import { scale, type Point } from '../geometry/point';
import { TOUCH } from '../geometry/tolerance';
import { fixedThings } from '../survey/fixed-things';
import { facePath } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { itemBoxes, type ItemBox } from './item-box';
import { stretchOfPolygon, stretchOfSegment, type Strip } from './strip';

export const tieSides = ['left', 'right', 'behind', 'front'] as const;
export type TieSide = (typeof tieSides)[number];

/** The distance from one side of an item to the nearest thing beside it. */
export interface Tie {
  side: TieSide;
  /** mm; negative when they go into each other. */
  distance: number;
  /** What it is measured to. */
  to: { kind: 'fixed' | 'item' | 'wall'; id: string };
  /** Ends of the measured line, on the item and on the other thing. */
  from: Point;
  at: Point;
}

/** The ties of an item: to the nearest wall or item that shares its height on each side. */
export function tiesOf(design: Design, box: ItemBox): Tie[] {
  return tieSides.flatMap((side) => tieOn(design, box, side) ?? []);
}

/** The tie on one side; undefined when nothing stands there. */
export function tieOn(design: Design, box: ItemBox, side: TieSide): Tie | undefined {
  const frame = sideFrame(box, side);
  const strip: Strip = { origin: frame.corner, u: frame.out, n: frame.along, near: 0, far: frame.size };
  let nearest: { distance: number; to: Tie['to'] } | undefined;
  const consider = (stretch: [number, number] | null, kind: Tie['to']['kind'], id: string) => {
    if (!stretch || stretch[1] <= TOUCH) return;
    if (stretch[0] < -frame.reach / 2) return;
    if (!nearest || stretch[0] < nearest.distance) nearest = { distance: stretch[0], to: { kind, id } };
  };
  for (const other of itemBoxes(design)) {
    if (other.id === box.id || other.low >= box.high || other.high <= box.low) continue;
    consider(stretchOfPolygon(strip, other.footprint), 'item', other.id);
  }
  for (const thing of fixedThings(design)) {
    if (thing.low >= box.high || thing.high <= box.low) continue;
    for (const piece of thing.pieces) consider(stretchOfPolygon(strip, piece), 'fixed', thing.id);
  }
  const sideways = side === 'left' || side === 'right';
  for (const face of roomShape(design).faces) {
    // A bent face behind an item touches its back corners, which says nothing about what is beside it.
    if (sideways && face.arc && face.id === box.against?.face.id) continue;
    const path = facePath(face);
    for (let i = 1; i < path.length; i++)
      consider(wallStretch(strip, path[i - 1]!, path[i]!), 'wall', face.id);
  }
  if (!nearest) return undefined;
  const from = frame.middle;
  const at = { x: from.x + frame.out.x * nearest.distance, y: from.y + frame.out.y * nearest.distance };
  return { side, ...nearest, from, at };
}

/** A wall right at the side gives a stretch of no length; it counts as being at that distance. */
function wallStretch(strip: Strip, a: Point, b: Point): [number, number] | null {
  const stretch = stretchOfSegment(strip, a, b);
  return stretch && [stretch[0], Math.max(stretch[1], stretch[0] + 2 * TOUCH)];
}

/** A side of an item: its first corner, the direction away from it, the direction along it and its length. */
function sideFrame({ u, n, footprint, record }: ItemBox, side: TieSide) {
  const [backLeft, backRight, frontRight, frontLeft] = footprint as [Point, Point, Point, Point];
  const ends: Record<TieSide, [Point, Point]> = {
    left: [backLeft, frontLeft],
    right: [backRight, frontRight],
    behind: [backLeft, backRight],
    front: [frontLeft, frontRight],
  };
  const out: Record<TieSide, Point> = { left: scale(u, -1), right: u, behind: scale(n, -1), front: n };
  const [corner, end] = ends[side];
  const sideways = side === 'left' || side === 'right';
  return {
    corner,
    out: out[side],
    along: sideways ? n : u,
    size: sideways ? record.depth : record.width,
    reach: sideways ? record.width : record.depth,
    middle: { x: (corner.x + end.x) / 2, y: (corner.y + end.y) / 2 },
  };
}

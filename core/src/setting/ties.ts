import { perDesign, roomOf, type Design } from '../document/design';
import { deepestOverlap } from '../geometry/convex-pieces';
import { cross, distance, dot, scale, subtract, type Point } from '../geometry/point';
import { forEachEdge } from '../geometry/polygon';
import { TOUCH } from '../geometry/tolerance';
import { headroom } from '../survey/ceiling';
import { fixedThings } from '../survey/fixed-things';
import { facePath, type PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { isDressing } from '../ranges/item-kind';
import { bodiesNear, bodiesOf, type Body } from './bodies';
import { itemBoxes, middleOf, type ItemBox } from './item-box';
import { stretchOfPolygon, stretchOfSegment, type Strip } from './strip';

/** The sides of an item that show in plan, and all of them. */
export const planSides = ['left', 'right', 'behind', 'front'] as const;
export const tieSides = [...planSides, 'below', 'above'] as const;
export type PlanSide = (typeof planSides)[number];
export type TieSide = (typeof tieSides)[number];

/** The distance from one side of an item to the nearest thing beside it. */
export interface Tie<S extends TieSide = TieSide> {
  side: S;
  /** mm; negative when they go into each other. */
  distance: number;
  /** What it is measured to. */
  to: { kind: 'ceiling' | 'fixed' | 'floor' | 'item' | 'wall'; id: string };
  /** Ends of the measured line, on the item and on the other thing. */
  from: Point;
  at: Point;
}

/** The ties of an item: to the nearest wall or item that shares its height on each side. */
export function tiesOf(design: Design, box: ItemBox): Tie[] {
  return [...tiesInPlan(design, box), tieUpright(design, box, 'below'), tieUpright(design, box, 'above')];
}

/** The ties of an item that show in plan. */
export function tiesInPlan(design: Design, box: ItemBox): readonly Tie<PlanSide>[] {
  const known = inPlan(design);
  let ties = known.get(box);
  if (!ties) {
    const all = around(design, box);
    known.set(box, (ties = planSides.flatMap((side) => tieInPlan(all, box, side) ?? [])));
  }
  return ties;
}
const inPlan = perDesign(() => new Map<ItemBox, readonly Tie<PlanSide>[]>());

/** The tie on one side, in plan to such items only as count, and of things only that stand within a reach, mm; undefined when nothing stands there. */
export function tieOn(
  design: Design,
  box: ItemBox,
  side: TieSide,
  counts: (other: ItemBox) => boolean = () => true,
  reach = Infinity,
): Tie | undefined {
  return side === 'below' || side === 'above'
    ? tieUpright(design, box, side)
    : tieInPlan(around(design, box, reach), box, side, counts);
}

/** What ties in plan are measured to. */
export interface Around {
  bodies: readonly Body[];
  faces: readonly PlacedFace[];
}

function around(design: Design, box: ItemBox, reach = Infinity): Around {
  const bodies = reach === Infinity ? bodiesOf(design) : bodiesNear(design, box.rectangle, reach);
  return { bodies, faces: roomShape(design).faces };
}

/** Down to what stands below it, with the top that runs over that, or the floor; up to what is above it, or the ceiling. */
function tieUpright(design: Design, box: ItemBox, side: 'below' | 'above'): Tie {
  const { ceiling } = roomShape(design);
  const { topThickness } = roomOf(design);
  const below = side === 'below';
  const room = Math.min(...box.pieces.map((piece) => headroom(ceiling, piece)));
  let nearest: Pick<Tie, 'distance' | 'to'> = below
    ? { distance: box.low, to: { kind: 'floor', id: 'room' } }
    : { distance: room - box.high, to: { kind: 'ceiling', id: 'room' } };
  const middle = (box.low + box.high) / 2;
  const consider = (
    other: Pick<ItemBox, 'high' | 'id' | 'low' | 'pieces'>,
    kind: 'fixed' | 'item',
    top = 0,
  ) => {
    const distance = below ? box.low - other.high - top : other.low - box.high;
    const beyond = below ? other.high > middle : other.low < middle;
    if (beyond || distance >= nearest.distance || deepestOverlap(box.pieces, other.pieces) <= TOUCH) return;
    nearest = { distance, to: { kind, id: other.id } };
  };
  for (const other of itemBoxes(design))
    if (other.id !== box.id && !isDressing(other.kind))
      consider(other, 'item', other.kind.top === 'under' ? topThickness : 0);
  for (const thing of fixedThings(design)) consider(thing, 'fixed');
  const at = middleOf(box);
  return { side, ...nearest, from: at, at };
}

/** The tie on one side in plan, to what counts of what is around; undefined when nothing of it stands there. */
export function tieInPlan(
  { bodies, faces }: Around,
  box: ItemBox,
  side: PlanSide,
  counts: (other: ItemBox) => boolean = () => true,
): Tie<PlanSide> | undefined {
  const frame = sideFrame(box, side);
  const strip: Strip = { origin: frame.corner, u: frame.out, n: frame.along, near: 0, far: frame.size };
  let nearest: { distance: number; to: Tie['to'] } | undefined;
  const consider = (stretch: [number, number] | null, kind: Tie['to']['kind'], id: string) => {
    if (!stretch || (kind !== 'wall' && stretch[1] <= TOUCH)) return;
    if (stretch[0] < -frame.reach / 2) return;
    if (!nearest || stretch[0] < nearest.distance) nearest = { distance: stretch[0], to: { kind, id } };
  };
  for (const { id, low, high, pieces, box: other } of bodies) {
    if (id === box.id || low >= box.high || high <= box.low) continue;
    // Most items are far beside the strip: told from one corner, which no other is farther from than this.
    if (other) {
      const beside = dot(subtract(other.origin, frame.corner), frame.along);
      const reach = other.record.width + other.record.depth;
      if (beside < -reach || beside > frame.size + reach) continue;
      // Nor is what lies wholly behind the side, or beyond what is nearest so far.
      const ahead = dot(subtract(other.origin, frame.corner), frame.out);
      if (ahead + reach < -frame.reach / 2 || (nearest && ahead - reach > nearest.distance)) continue;
      if (!counts(other)) continue;
    }
    for (const piece of pieces) consider(pieceStretch(strip, piece), other ? 'item' : 'fixed', id);
  }
  const sideways = side === 'left' || side === 'right';
  for (const face of faces) {
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

/** What runs within ten degrees of the way a tie looks is slid along, it does not face it. */
const SLID_ALONG = Math.sin((10 * Math.PI) / 180);

const isFacing = ({ u }: Strip, a: Point, b: Point): boolean =>
  Math.abs(cross(subtract(b, a), u)) > SLID_ALONG * distance(a, b);

/** The stretch of a strip that a piece of a body takes, from where it faces the strip; null where it only slides along it. */
function pieceStretch(strip: Strip, piece: readonly Point[]): [number, number] | null {
  // Most of what is near stands behind the side: nothing more is asked of it.
  if (!piece.some((at) => dot(subtract(at, strip.origin), strip.u) > TOUCH)) return null;
  const whole = stretchOfPolygon(strip, piece);
  if (!whole) return null;
  let nearest = Infinity;
  forEachEdge(piece, (a, b) => {
    const stretch = isFacing(strip, a, b) ? stretchOfSegment(strip, a, b) : null;
    if (stretch) nearest = Math.min(nearest, stretch[0]);
  });
  return nearest === Infinity ? null : [nearest, whole[1]];
}

/** The stretch of a strip that a wall takes; null where it only runs along it. */
function wallStretch(strip: Strip, a: Point, b: Point): [number, number] | null {
  return isFacing(strip, a, b) ? stretchOfSegment(strip, a, b) : null;
}

/** A side of an item: its first corner, the direction away from it, the direction along it and its length. */
function sideFrame({ u, n, rectangle, record }: ItemBox, side: PlanSide) {
  const [backLeft, backRight, frontRight, frontLeft] = rectangle;
  const ends: Record<PlanSide, [Point, Point]> = {
    left: [backLeft, frontLeft],
    right: [backRight, frontRight],
    behind: [backLeft, backRight],
    front: [frontLeft, frontRight],
  };
  const out: Record<PlanSide, Point> = { left: scale(u, -1), right: u, behind: scale(n, -1), front: n };
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

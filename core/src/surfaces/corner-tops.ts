import { dot, place, scale, subtract } from '../geometry/point';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import { hasLegs, otherSide } from '../ranges/handing';
import type { ItemBox } from '../setting/item-box';
import { stretchOfPolygon } from '../setting/strip';
import {
  BACK_REACH,
  depthsBehind,
  endedAt,
  endOfStrip,
  sourceAt,
  stopsTop,
  type Strip,
  type StripEnd,
  type TopTie,
} from './run-strip';
import type { EdgeSource, KeyedPolygon } from './top-edge';

/** What the corner cabinets of a run carry beside its strip: over their other legs, and before a front across the corner. */
export function cornerTops(strip: Strip): KeyedPolygon[] {
  return strip.run.flatMap((box) =>
    box.record.leg !== undefined && hasLegs(box.kind) ? [legTop(strip, box, box.record.leg)] : [],
  );
}

/** A place in the frame of a corner cabinet, from its corner: along its run, and out along its other leg, mm. */
type Local = readonly [along: number, out: number];

function legTop(strip: Strip, box: ItemBox, leg: number): KeyedPolygon {
  const { record, kind, origin, u, n } = box;
  const { width, depth, hand } = record;
  const over = record.overhangs?.front ?? strip.frontOverhang;
  const [own, other] = [endInRun(strip, box), endOfLeg(strip, box, leg)];
  const isAcross = kind.plan === 'diagonal' && width > leg && depth > leg;
  const far: Local = [isAcross && own ? width + own.over : width, depth + (other?.over ?? 0)];
  const fronts = isAcross
    ? frontAcross({ width, depth, leg, over }, far, { own: own !== null, other: other !== null })
    : ([
        [far[0], leg + over],
        [leg + over, leg + over],
        [leg + over, far[1]],
      ] satisfies Local[]);
  // Past the walls of its corner, which cut it.
  const atCorner = endAtCorner(strip, box);
  const behindOwn = -depthsBehind(strip)[strip.run.indexOf(box)]!;
  const behindOther = atCorner ? -depthBehindLeg(strip, box, { end: atCorner, long: far[1] }) : 0;
  const corners: Local[] = [[behindOther, behindOwn], [far[0], behindOwn], ...fronts, [behindOther, far[1]]];
  const away = otherSide(hand);
  const sides: EdgeSource[] = [
    { role: 'behind', boxes: [box], id: null },
    own ? sourceAt(box, away, own) : { role: away, boxes: [box], id: null },
    ...fronts.slice(1).map((): EdgeSource => ({ role: 'front', boxes: [box], id: null })),
    // Where a neighbour stands, its own strip goes on.
    other ? sourceAt(box, hand, other) : { role: 'step', boxes: [box], id: null },
    atCorner ? sourceAt(box, 'behind', atCorner) : { role: 'behind', boxes: [box], id: null },
  ];
  const ring = corners.map(([along, out]) =>
    place(origin, u, hand === 'left' ? along : width - along, n, out),
  );
  return hand === 'left' ? turnedRound({ ring, sides }) : { ring, sides };
}

/**
 * The corners of a front across the corner, moved out by its overhang, from the end in the run to that of the leg: it meets the front lines of
 * both legs, or where the top ends before that, its end.
 */
function frontAcross(
  { width, depth, leg, over }: Record<'depth' | 'leg' | 'over' | 'width', number>,
  [farAlong, farOut]: Local,
  ends: Record<'other' | 'own', boolean>,
): Local[] {
  const reach = leg + over;
  // The front is the line (x - leg) / a + (y - leg) / b = 1.
  const [a, b] = [width - leg, depth - leg];
  const moved = 1 + over * Math.hypot(1 / a, 1 / b);
  const alongAt = (out: number) => leg + a * (moved - (out - leg) / b);
  const outAt = (along: number) => leg + b * (moved - (along - leg) / a);
  const first: Local[] =
    ends.own && alongAt(reach) > farAlong
      ? [[farAlong, outAt(farAlong)]]
      : [
          [farAlong, reach],
          [alongAt(reach), reach],
        ];
  const last: Local[] =
    ends.other && outAt(reach) > farOut
      ? [[alongAt(farOut), farOut]]
      : [
          [reach, outAt(reach)],
          [reach, farOut],
        ];
  return [...first, ...last];
}

/** How the top ends at the other side of a corner cabinet, where its run does. */
const endInRun = (strip: Strip, box: ItemBox) => endOnSide(strip, box, otherSide(box.record.hand));
/** How it ends at the back of its other leg. */
const endAtCorner = (strip: Strip, box: ItemBox) => endOnSide(strip, box, box.record.hand);

function endOnSide(strip: Strip, box: ItemBox, side: 'left' | 'right'): StripEnd | null {
  const isLast = box === (side === 'left' ? strip.run[0] : strip.run.at(-1));
  return isLast ? endOfStrip(strip, side) : null;
}

/** How the top ends past the leg of a corner cabinet; null where the next run goes on there. */
function endOfLeg({ around, underside, ...more }: Strip, box: ItemBox, leg: number): StripEnd | null {
  const { record, origin, u, n } = box;
  const { width, depth, hand } = record;
  const isLeft = hand === 'left';
  const band = {
    origin: place(origin, u, isLeft ? 0 : width, n, depth),
    ...{ u: n, n: isLeft ? u : { x: -u.x, y: -u.y }, near: TOUCH, far: leg - TOUCH },
  };
  let nearest: { tie: TopTie; isUnderTop: boolean } | null = null;
  for (const { id, box: other, pieces, low, high } of around.bodies) {
    if (!other || other === box || low >= box.high || high <= box.low || !stopsTop(other, underside))
      continue;
    for (const piece of pieces) {
      const stretch = stretchOfPolygon(band, piece);
      if (!stretch || stretch[1] <= TOUCH) continue;
      const [distance] = stretch;
      if (nearest && nearest.tie.distance <= distance) continue;
      nearest = { tie: { distance, to: { kind: 'item', id } }, isUnderTop: other.kind.top === 'under' };
    }
  }
  if (nearest?.isUnderTop && nearest.tie.distance <= BACK_REACH + SAME_PLACE) return null;
  return endedAt(nearest?.tie, box, hand, more);
}

/** A wall that leaves a leg's back by more than this, mm a mm of its length, is not followed. */
const MOST_SLOPE = 1 / 4;

/** How far the top goes behind the back of a leg that is so long with its overhang: to all of a wall that is near somewhere, else as its end says, mm. */
function depthBehindLeg(
  { around }: Strip,
  { record, origin, u, n }: ItemBox,
  { end: { tie, over }, long }: { end: StripEnd; long: number },
): number {
  if (tie?.to.kind !== 'wall' || tie.distance > BACK_REACH) return over;
  const face = around.faces.find(({ id }) => id === tie.to.id)!;
  if (face.arc) return Math.max(BACK_REACH, over);
  const isLeft = record.hand === 'left';
  const away = scale(u, isLeft ? -1 : 1);
  const toWall = (out: number) =>
    dot(subtract(face.start, place(origin, u, isLeft ? 0 : record.width, n, out)), face.n) /
    dot(away, face.n);
  const farthest = Math.max(toWall(0), toWall(long));
  return Math.max(BACK_REACH, over, Math.min(farthest + TOUCH, BACK_REACH + long * MOST_SLOPE));
}

/** The same polygon walked the other way. */
function turnedRound({ ring, sides }: KeyedPolygon): KeyedPolygon {
  return { ring: ring.toReversed(), sides: [...sides.slice(0, -1).toReversed(), sides.at(-1)!] };
}

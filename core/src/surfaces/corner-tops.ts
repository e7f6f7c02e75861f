import { place } from '../geometry/point';
import { SAME_PLACE, TOUCH } from '../geometry/tolerance';
import { hasLegs, otherSide } from '../ranges/handing';
import type { ItemBox } from '../setting/item-box';
import { stretchOfPolygon } from '../setting/strip';
import {
  BACK_REACH,
  endedAt,
  endOfStrip,
  runUnderside,
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
  const { record, kind, origin, u, n, against } = box;
  const { width, depth, hand } = record;
  const over = record.overhangs?.front ?? strip.frontOverhang;
  // Past the walls of its corner, which cut it.
  const wall = against ? -BACK_REACH : 0;
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
  const corners: Local[] = [[wall, wall], [far[0], wall], ...fronts, [wall, far[1]]];
  const away = otherSide(hand);
  const behind: EdgeSource = { role: 'behind', boxes: [box], id: null };
  const sides: EdgeSource[] = [
    behind,
    own ? sourceAt(box, away, own) : { role: away, boxes: [box], id: null },
    ...fronts.slice(1).map((): EdgeSource => ({ role: 'front', boxes: [box], id: null })),
    // Where a neighbour stands, its own strip goes on.
    other ? sourceAt(box, hand, other) : { role: 'step', boxes: [box], id: null },
    behind,
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
function endInRun(strip: Strip, box: ItemBox): StripEnd | null {
  const side = otherSide(box.record.hand);
  const isLast = box === (side === 'left' ? strip.run[0] : strip.run.at(-1));
  return isLast ? endOfStrip(strip, side) : null;
}

/** How the top ends past the leg of a corner cabinet; null where the next run goes on there. */
function endOfLeg({ run, around, ...more }: Strip, box: ItemBox, leg: number): StripEnd | null {
  const { record, origin, u, n } = box;
  const { width, depth, hand } = record;
  const isLeft = hand === 'left';
  const band = {
    origin: place(origin, u, isLeft ? 0 : width, n, depth),
    ...{ u: n, n: isLeft ? u : { x: -u.x, y: -u.y }, near: TOUCH, far: leg - TOUCH },
  };
  let nearest: { tie: TopTie; isUnderTop: boolean } | null = null;
  for (const { id, box: other, pieces } of around.bodies) {
    if (!other || other === box || !stopsTop(other, runUnderside(run))) continue;
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

/** The same polygon walked the other way. */
function turnedRound({ ring, sides }: KeyedPolygon): KeyedPolygon {
  return { ring: ring.toReversed(), sides: [...sides.slice(0, -1).toReversed(), sides.at(-1)!] };
}

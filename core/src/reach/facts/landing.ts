import { isAtLeast, isAtMost } from '../held';
import { perDesign, type Design } from '../../document/design';
import { place, type Point } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { tops } from '../../surfaces/tops';
import { topByItem } from './fronts';
import { topPieces } from './tops-near';
import { counterFronts, frontBetween, frontLength, onFront, type CounterFront } from './counter-fronts';
import { fixtures, itselfAlong } from './fixtures';

/** A stretch of a counter's front beside something: how long, mm, and where. */
export interface Landing {
  length: number;
  path: readonly Point[];
  front: CounterFront | null;
}

export interface Landings {
  left: Landing;
  right: Landing;
}

const NONE: Landing = { length: 0, path: [], front: null };

/** What stands in a counter's front no farther than this from its edge is in it, mm. */
const IN = 700;
/** A counter that begins no farther than this from the side of what breaks it is beside it, mm: panels and gaps stand between. */
const BESIDE = 130;
/** The counter beside a range or refrigerator has its front no farther than this before or behind its own, mm. */
const DEEP = 320;

/** What takes of a counter's front and is no landing: sinks and what is cooked on. */
const takenOf = perDesign((design) => {
  const taken = new Map<CounterFront, [number, number][]>();
  for (const box of [...fixtures(design, 'sink'), ...fixtures(design, 'cooking')]) {
    const at = placeOf(design, box);
    if (at) taken.set(at.front, [...(taken.get(at.front) ?? []), [at.left, at.right]]);
  }
  return taken;
});

/** Where something in or on a top stands along its front: from its left side to its right. */
function placeOf(design: Design, box: ItemBox): { front: CounterFront; left: number; right: number } | null {
  if (box.kind.top === 'breaks') return null;
  const [left, right] = itselfAlong(design, box);
  const depth = box.record.depth;
  const middle = place(box.origin, box.u, (left + right) / 2, box.n, depth);
  const found = counterFronts(design)
    .filter(({ top }) => top.surface > box.low - TOUCH && top.underside < box.high + 60)
    .flatMap((front) => onFront(front, middle, box.n) ?? [])
    .sort((a, b) => a.away - b.away)[0];
  if (!found || found.away > IN) return null;
  const half = (right - left) / 2;
  return { front: found.front, left: found.along - half, right: found.along + half };
}

/** The landings at both sides of a sink, a hob, a range, a refrigerator: along the counter's front to its end or to what takes it next. */
export function landingsBeside(design: Design, box: ItemBox): Landings {
  const at = placeOf(design, box);
  if (at) {
    const taken = takenOf(design).get(at.front) ?? [];
    const length = frontLength(at.front);
    const start = Math.max(0, ...taken.filter(([, end]) => end <= at.left + 1).map(([, end]) => end));
    const end = Math.min(length, ...taken.filter(([from]) => from >= at.right - 1).map(([from]) => from));
    return { left: landing(at.front, start, at.left), right: landing(at.front, at.right, end) };
  }
  return { left: landingBeyond(design, box, 'left'), right: landingBeyond(design, box, 'right') };
}

function landing(front: CounterFront, from: number, to: number): Landing {
  const length = Math.max(0, to - from);
  return length > 0 ? { length, path: frontBetween(front, from, to), front } : NONE;
}

/** The counter that begins at a side of what breaks it, or stands beside it. */
function landingBeyond(design: Design, box: ItemBox, side: 'left' | 'right'): Landing {
  const { width, depth } = box.record;
  let best = NONE;
  for (const front of counterFronts(design)) {
    const length = frontLength(front);
    const corner = side === 'left' ? front.points.at(-1)! : front.points[0]!;
    const [before, after] = side === 'left' ? [front.points.at(-2)!, corner] : [corner, front.points[1]!];
    const along = (corner.x - box.origin.x) * box.u.x + (corner.y - box.origin.y) * box.u.y;
    const out = (corner.x - box.origin.x) * box.n.x + (corner.y - box.origin.y) * box.n.y;
    const way = { x: after.x - before.x, y: after.y - before.y };
    const isInLine = (way.x * box.u.x + way.y * box.u.y) / Math.hypot(way.x, way.y) > 0.95;
    const gap = side === 'left' ? -along : along - width;
    if (!isInLine || gap < -BESIDE || gap > BESIDE || Math.abs(out - depth) > DEEP) continue;
    const taken = takenOf(design).get(front) ?? [];
    const found =
      side === 'left'
        ? landing(front, Math.max(0, ...taken.map(([, end]) => end)), length)
        : landing(front, 0, Math.min(length, ...taken.map(([from]) => from)));
    if (found.length > best.length) best = found;
  }
  return best;
}

/** The counters across from something: facing it, so wide over it at least and no farther before its front, mm. */
export function counterAcross(
  design: Design,
  box: ItemBox,
  { wide, away }: { wide: number; away: number },
): Landing {
  const { width, depth } = box.record;
  let best = NONE;
  for (const front of counterFronts(design)) {
    for (let i = 0; i + 1 < front.points.length; i++) {
      const ends = [front.points[i]!, front.points[i + 1]!].map((point) => ({
        along: (point.x - box.origin.x) * box.u.x + (point.y - box.origin.y) * box.u.y,
        out: (point.x - box.origin.x) * box.n.x + (point.y - box.origin.y) * box.n.y - depth,
      }));
      const [a, b] = ends as [(typeof ends)[0], (typeof ends)[0]];
      // A front that looks at it is walked from its right to its left.
      if (b.along >= a.along || Math.min(a.out, b.out) <= 0 || !isAtMost(Math.min(a.out, b.out), away))
        continue;
      const over = Math.min(a.along, width) - Math.max(b.along, 0);
      const length = a.along - b.along;
      if (over > 0 && isAtLeast(length, wide) && length > best.length)
        best = { length, path: [front.points[i]!, front.points[i + 1]!], front };
    }
  }
  return best;
}

/** The counter under what hangs over one, or over what is built in under one: as wide as it, mm. */
export function counterUnderOrOver(design: Design, box: ItemBox, host: ItemBox): number {
  const over = topByItem(design).has(host.id) && host.kind.top === 'under';
  const under = tops(design).some(
    (top) =>
      top.surface <= box.low + TOUCH &&
      isAtMost(box.low - top.surface, REACHED) &&
      deepestOverlap(topPieces(top), box.pieces) > TOUCH,
  );
  return over || under ? box.record.width : 0;
}

/** What is put down under something is no farther below it, mm. */
const REACHED = 600;

import { onArc } from '../../geometry/arc';
import { distance, middle, type Point } from '../../geometry/point';
import { distanceToSegment } from '../../geometry/polygon';
import { distanceWithin } from './cut-out';
import type { OutlinePart } from './treated';

/** How near to an outline a joint must end, mm. */
const AT = 1e-5;

/** An outline parted along a straight joint between two places at it, its new sides edges of their own; null where the joint does not run through it from side to side. */
export function splitParts<E>(
  parts: readonly OutlinePart<E>[],
  [a, b]: readonly [Point, Point],
  joint: E,
): [OutlinePart<E>[], OutlinePart<E>[]] | null {
  const inside = distanceWithin(parts, { id: '', core: [middle(a, b)], radius: 0, area: 0 });
  if (inside === null || inside < AT) return null;
  const broken = brokenAt(parts, a);
  const ring = broken && brokenAt(broken, b);
  if (!ring) return null;
  const [from, to] = [a, b].map((end) => ring.findIndex((part) => distance(part.a, end) < AT));
  const walk = (start: number, end: number) =>
    start < end ? ring.slice(start, end) : [...ring.slice(start), ...ring.slice(0, end)];
  const [there, back] = [walk(from!, to!), walk(to!, from!)];
  if (from === to || there.length < 2 || back.length < 2) return null;
  return [
    [...there, { type: 'edge', edge: joint, a: b, b: a }],
    [...back, { type: 'edge', edge: joint, a, b }],
  ];
}

/** The same outline with a corner at a place on it; null where it lies on none of its parts. */
function brokenAt<E>(parts: readonly OutlinePart<E>[], at: Point): readonly OutlinePart<E>[] | null {
  if (parts.some((part) => distance(part.a, at) < AT)) return parts;
  const index = parts.findIndex((part) => onPart(part, at));
  return index < 0 ? null : parts.toSpliced(index, 1, ...halves(parts[index]!, at));
}

function onPart(part: OutlinePart, at: Point): boolean {
  if (part.type !== 'arc') return distanceToSegment(at, part.a, part.b) < AT;
  const share = shareOf(part, at);
  return Math.abs(distance(part.arc.centre, at) - part.arc.radius) < AT && share > 0 && share < 1;
}

/** How far along an arc a place on it is, as a share of its sweep. */
function shareOf({ arc }: OutlinePart & { type: 'arc' }, at: Point): number {
  const turn = Math.atan2(at.y - arc.centre.y, at.x - arc.centre.x) - arc.from;
  const along = arc.sweep > 0 ? turn : -turn;
  const full = 2 * Math.PI;
  return (((along % full) + full) % full) / Math.abs(arc.sweep);
}

function halves<E>(part: OutlinePart<E>, at: Point): [OutlinePart<E>, OutlinePart<E>] {
  if (part.type !== 'arc')
    return [
      { ...part, b: at },
      { ...part, a: at },
    ];
  const share = shareOf(part, at);
  const { arc } = part;
  const place = onArc(arc, share);
  return [
    { ...part, b: place, arc: { ...arc, sweep: arc.sweep * share } },
    {
      ...part,
      a: place,
      arc: { ...arc, from: arc.from + arc.sweep * share, sweep: arc.sweep * (1 - share) },
    },
  ];
}

import { perDesign, type Design } from '../../document/design';
import { cross, distance, dot, subtract, unit, type Point } from '../../geometry/point';
import { tops, type Top } from '../../surfaces/tops';
import type { TopEdge } from '../../surfaces/top-edge';

/** A counter's front edge from one end to the other, on round inside corners, as one walks along it from left to right. */
export interface CounterFront {
  top: Top;
  /** Its corners, one more than its edges. */
  points: readonly Point[];
}

const isFront = ({ role }: TopEdge): boolean => role === 'front';

/** Every front edge of every top; at an outside corner it ends. */
export const counterFronts: (design: Design) => readonly CounterFront[] = perDesign((design) =>
  tops(design).flatMap((top) =>
    top.rings.flatMap(({ edges }) => frontsOf(edges).map((points) => ({ top, points }))),
  ),
);

function frontsOf(edges: readonly TopEdge[]): Point[][] {
  const count = edges.length;
  /** Whether the front goes on from one edge to the next: in line with it or round an inside corner. */
  const goesOn = (index: number) => {
    const [one, next] = [edges[index]!, edges[(index + 1) % count]!];
    return isFront(one) && isFront(next) && cross(along(one), along(next)) <= 1e-6;
  };
  const starts = edges.flatMap((edge, index) =>
    isFront(edge) && !goesOn((index + count - 1) % count) ? [index] : [],
  );
  return starts.map((start) => {
    const points = [edges[start]!.a, edges[start]!.b];
    for (let at = start; goesOn(at) && points.length <= count; at = (at + 1) % count)
      points.push(edges[(at + 1) % count]!.b);
    return points;
  });
}

const along = ({ a, b }: TopEdge): Point => unit(subtract(b, a));

/** A place on a counter's front: how far along it from its left end, mm, on which of its edges, and how far from it. */
export interface OnFront {
  front: CounterFront;
  along: number;
  edge: number;
  away: number;
}

/** Where a place lies before or behind a front that looks the same way; the nearest such edge. */
export function onFront(front: CounterFront, at: Point, out: Point): OnFront | null {
  let from = 0;
  let nearest: OnFront | null = null;
  for (let edge = 0; edge + 1 < front.points.length; edge++) {
    const [a, b] = [front.points[edge]!, front.points[edge + 1]!];
    const size = distance(a, b);
    const way = unit(subtract(b, a));
    // A front looks to the right of the way it is walked.
    const looks = { x: way.y, y: -way.x };
    if (size > 0 && dot(looks, out) > 0.7) {
      const share = dot(subtract(at, a), way);
      const beyond = Math.max(0, -share, share - size);
      const away = Math.abs(dot(subtract(at, a), looks)) + beyond;
      if (!nearest || away < nearest.away) nearest = { front, along: from + share, edge, away };
    }
    from += size;
  }
  return nearest;
}

/** How long a front is, mm. */
export function frontLength({ points }: CounterFront): number {
  return points.slice(1).reduce((sum, point, index) => sum + distance(points[index]!, point), 0);
}

/** The places of a front between two distances from its left end. */
export function frontBetween({ points }: CounterFront, from: number, to: number): Point[] {
  const at = (far: number): Point => {
    let left = far;
    for (let i = 0; i + 1 < points.length; i++) {
      const [a, b] = [points[i]!, points[i + 1]!];
      const size = distance(a, b);
      if (left <= size || i + 2 === points.length) {
        const way = unit(subtract(b, a));
        return { x: a.x + way.x * left, y: a.y + way.y * left };
      }
      left -= size;
    }
    return points[0]!;
  };
  let sum = 0;
  const inner = points.filter((_, index) => {
    if (index > 0) sum += distance(points[index - 1]!, points[index]!);
    return sum > from && sum < to;
  });
  return [at(from), ...inner, at(to)];
}

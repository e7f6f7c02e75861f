import type { Design } from '../document/design';
import { distance, type Point } from '../geometry/point';
import { boundsOf } from '../geometry/polygon';
import { roomShape } from '../survey/room-shape';
import { canStand, walk } from './walk';

/** Squares of the floor a way is looked for on, mm. */
const SQUARE = 100;
/** A straight stretch is looked at in steps of this size, mm. */
const STEP = 40;

/**
 * A way from one place to another that a person can walk, corner by corner: the shortest over squares of the floor (A*), its corners left away where one
 * can go straight. Null where there is none.
 */
export function findWay(design: Design, from: Point, to: Point): Point[] | null {
  if (!canStand(design, from) || !canStand(design, to)) return null;
  const { left, right, bottom, top } = boundsOf(roomShape(design).outline);
  const columns = Math.ceil((right - left) / SQUARE) + 1;
  const rows = Math.ceil((top - bottom) / SQUARE) + 1;
  const placeOf = (square: number): Point => ({
    x: left + (square % columns) * SQUARE,
    y: bottom + Math.floor(square / columns) * SQUARE,
  });
  const free = new Map<number, boolean>();
  const isFree = (square: number) => {
    let known = free.get(square);
    if (known === undefined) free.set(square, (known = canStand(design, placeOf(square))));
    return known;
  };
  /** The squares about a place that one can step to from it. */
  const about = ({ x, y }: Point): number[] => {
    const [column, row] = [Math.floor((x - left) / SQUARE), Math.floor((y - bottom) / SQUARE)];
    return [0, 1, columns, columns + 1]
      .map((by) => row * columns + column + by)
      .filter((square) => isFree(square) && isStraight(design, { x, y }, placeOf(square)));
  };
  const goals = new Set(about(to));
  const cost = new Map<number, number>();
  const before = new Map<number, number>();
  const open = new Map<number, number>();
  for (const square of about(from)) {
    cost.set(square, distance(from, placeOf(square)));
    open.set(square, cost.get(square)! + distance(placeOf(square), to));
  }
  while (open.size > 0) {
    let [at, least] = [-1, Infinity];
    for (const [square, estimate] of open) if (estimate < least) [at, least] = [square, estimate];
    open.delete(at);
    if (goals.has(at)) return straightened(design, [from, ...walked(at), to]);
    const column = at % columns;
    for (const [dx, dy] of STEPS) {
      const [c, r] = [column + dx, Math.floor(at / columns) + dy];
      if (c < 0 || r < 0 || c >= columns || r >= rows) continue;
      const next = r * columns + c;
      const reached = cost.get(at)! + SQUARE * Math.hypot(dx, dy);
      if (reached >= (cost.get(next) ?? Infinity) || !isFree(next)) continue;
      cost.set(next, reached);
      before.set(next, at);
      open.set(next, reached + distance(placeOf(next), to));
    }
  }
  return isStraight(design, from, to) ? [from, to] : null;

  function walked(square: number): Point[] {
    const way = [placeOf(square)];
    for (let at = before.get(square); at !== undefined; at = before.get(at)) way.push(placeOf(at));
    return way.reverse();
  }
}

const STEPS = [-1, 0, 1]
  .flatMap((dx) => [-1, 0, 1].map((dy) => [dx, dy] as const))
  .filter(([dx, dy]) => dx || dy);

/** Whether one can go straight from one place to another. */
function isStraight(design: Design, a: Point, b: Point): boolean {
  const steps = Math.max(1, Math.ceil(distance(a, b) / STEP));
  for (let i = 0; i <= steps; i++)
    if (!canStand(design, { x: a.x + ((b.x - a.x) * i) / steps, y: a.y + ((b.y - a.y) * i) / steps }))
      return false;
  return true;
}

/** A way without the corners that need not be gone round. */
function straightened(design: Design, way: readonly Point[]): Point[] {
  const kept = [way[0]!];
  for (let i = 0; i < way.length - 1;) {
    let next = way.length - 1;
    while (next > i + 1 && !isStraight(design, way[i]!, way[next]!)) next -= 1;
    kept.push(way[next]!);
    i = next;
  }
  return kept;
}

/** A walk to a place as so many places on the way, evenly apart, the last where one ends: there, or as near as one comes going straight. */
export function wayThere(design: Design, from: Point, to: Point, count: number): Point[] {
  const way = findWay(design, from, to) ?? [from, walk(design, from, { x: to.x - from.x, y: to.y - from.y })];
  const whole = way.slice(1).reduce((sum, place, index) => sum + distance(way[index]!, place), 0);
  return Array.from({ length: count }, (_, i) => {
    let left = (whole * (i + 1)) / count;
    for (let k = 0; k + 1 < way.length; k++) {
      const [a, b] = [way[k]!, way[k + 1]!];
      const long = distance(a, b);
      if (left <= long && long > 0)
        return { x: a.x + ((b.x - a.x) * left) / long, y: a.y + ((b.y - a.y) * left) / long };
      left -= long;
    }
    return way.at(-1)!;
  });
}

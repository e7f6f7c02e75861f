import type { Design } from '../document/design';
import type { StandpointRecord } from '../document/records';
import { distance, type Point } from '../geometry/point';
import { wrapAngle } from '../units/angles';
import { findWay } from './path';

/** Where one is and looks in one picture of a walk: in plan and the eye's height, mm; the direction and how far up, radians. */
export interface FilmFrame {
  at: Point;
  eye: number;
  turn: number;
  nod: number;
}

/** How fast one walks, mm a second, and turns, radians a second; how long one stands still at each standpoint, seconds. */
const PACE = 900;
const TURNS = 1.1;
const REST = 0.8;

/** The pictures of a walk from standpoint to standpoint, so many a second; null where there is no way from one to the next. One looks ahead while walking, and turns to each standpoint's own view in time. */
export function filmOf(
  design: Design,
  points: readonly StandpointRecord[],
  perSecond: number,
): FilmFrame[] | null {
  const frames: FilmFrame[] = [];
  const [first] = points;
  if (!first) return [];
  let now = frameOf(first);
  const still = (seconds: number) => {
    for (let i = 0; i < seconds * perSecond; i++) frames.push(now);
  };
  const turnTo = (turn: number) => {
    const by = wrapAngle(turn - now.turn);
    const count = Math.ceil((Math.abs(by) / TURNS) * perSecond);
    const from = now;
    for (let i = 1; i <= count; i++)
      frames.push((now = { ...from, turn: from.turn + by * eased(i / count) }));
  };
  still(REST);
  for (const point of points.slice(1)) {
    const way = findWay(design, now.at, point);
    if (!way) return null;
    const whole = way.slice(1).reduce((sum, to, index) => sum + distance(way[index]!, to), 0);
    let gone = 0;
    const [eye, nod] = [now.eye, now.nod];
    way.slice(1).forEach((to, index) => {
      const from = way[index]!;
      const long = distance(from, to);
      if (long < 1) return;
      turnTo(Math.atan2(to.y - from.y, to.x - from.x));
      const count = Math.ceil((long / PACE) * perSecond);
      for (let i = 1; i <= count; i++) {
        const share = i / count;
        const along = (gone + long * share) / whole;
        now = {
          ...now,
          at: { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share },
          eye: eye + (point.eye - eye) * along,
          nod: nod + (point.nod - nod) * along,
        };
        frames.push(now);
      }
      gone += long;
    });
    turnTo(point.turn);
    still(REST);
  }
  return frames;
}

function frameOf({ x, y, eye, turn, nod }: StandpointRecord): FilmFrame {
  return { at: { x, y }, eye, turn, nod };
}

/** Starts and ends gently (smoothstep). */
function eased(share: number): number {
  return share * share * (3 - 2 * share);
}

import { perDesign, type Design } from '../document/design';
import { add, direction, dot, inward, length, scale, subtract, type Point } from '../geometry/point';
import {
  boundsOf,
  contains,
  distanceToPath,
  distanceToSegment,
  forEachEdge,
  type Bounds,
  type Polygon,
} from '../geometry/polygon';
import { emptiest } from '../setting/emptiest';
import { solidsOf } from '../solids/solids';
import { roomShape } from '../survey/room-shape';
import { wrapAngle } from '../units/angles';

/** How near a walker's middle comes to what stands in the way, mm. */
export const WALKER = 200;
/** What is lower is stepped over, what begins higher is walked under, mm. */
const STEP = 120;
const HEAD = 1_700;
/** A walk is looked at in steps of this size, mm. */
const STRIDE = 40;

interface Obstacle {
  ring: Polygon;
  bounds: Bounds;
}

const obstacles: (design: Design) => readonly Obstacle[] = perDesign((design) =>
  solidsOf(design)
    // A skirting takes no room from who walks by.
    .filter(({ of, low, high }) => of !== 'trim' && low < HEAD && high > STEP)
    .map(({ footprint }) => ({ ring: footprint, bounds: boundsOf(footprint) })),
);

/** Whether one can stand at a place: in the room, and off its walls and everything in it. */
export function canStand(design: Design, at: Point): boolean {
  const { outline } = roomShape(design);
  if (!contains(outline, at)) return false;
  let off = Infinity;
  forEachEdge(outline, (a, b) => (off = Math.min(off, distanceToSegment(at, a, b))));
  if (off < WALKER) return false;
  return obstacles(design).every(({ ring, bounds: { left, right, bottom, top } }) => {
    if (at.x < left - WALKER || at.x > right + WALKER || at.y < bottom - WALKER || at.y > top + WALKER)
      return true;
    return !contains(ring, at) && distanceToPath(at, [...ring, ring[0]!]) >= WALKER;
  });
}

/** Where a walk by a vector, mm, ends: as far as nothing is in the way, along what is where it can be. */
export function walk(design: Design, from: Point, by: Point): Point {
  const steps = Math.max(1, Math.ceil(Math.hypot(by.x, by.y) / STRIDE));
  const step = { x: by.x / steps, y: by.y / steps };
  let at = from;
  for (let i = 0; i < steps; i++) {
    const next = SLANTS.map((slant) => turned(step, slant))
      .map((one) => ({ x: at.x + one.x, y: at.y + one.y }))
      .find((place) => canStand(design, place));
    if (!next) break;
    at = next;
  }
  return at;
}

/** How far aside a walker gives way, the least first, radians. */
const SLANTS = [0, 0.35, -0.35, 0.7, -0.7, 1.05, -1.05, 1.4, -1.4];

/** A step given way with: only its share in the new direction. */
function turned({ x, y }: Point, by: number): Point {
  const [cos, sin] = [Math.cos(by) * Math.cos(by), Math.sin(by) * Math.cos(by)];
  return { x: x * cos - y * sin, y: x * sin + y * cos };
}

/** One steps back so far to see a room, mm; so many directions are tried; what lies this far to either side is seen, radians. */
const BACK = 2_500;
const DIRECTIONS = 24;
const SEEN = 0.55;
/** Seeing one thing more is worth so much depth of the view, mm. */
const WORTH = 220;

/** Where to stand at first, and the direction to look in, radians: with one's back near a wall, looking far and at much of what stands in the room. */
export function firstStand(design: Design): { at: Point; turn: number } {
  const { outline } = roomShape(design);
  const middle = emptiest(design, outline, WALKER);
  if (!canStand(design, middle)) return { at: middle, turn: 0 };
  const things = obstacles(design).map(({ bounds: { left, right, bottom, top } }) => ({
    x: (left + right) / 2,
    y: (bottom + top) / 2,
  }));
  let best = { at: middle, turn: 0, worth: -Infinity };
  for (let i = 0; i < DIRECTIONS; i++) {
    const turn = (2 * Math.PI * i) / DIRECTIONS;
    const way = direction(turn);
    const at = walk(design, middle, scale(way, -BACK));
    const seen = things.filter((thing) => {
      const off = subtract(thing, at);
      return Math.abs(wrapAngle(Math.atan2(off.y, off.x) - turn)) < SEEN && length(off) > 600;
    });
    const worth = depthOf(outline, at, way) + WORTH * seen.length;
    if (worth > best.worth) best = { at, turn, worth };
  }
  return { at: best.at, turn: best.turn };
}

/** How far it is from a place to the wall in a direction. */
function depthOf(outline: Polygon, from: Point, way: Point): number {
  const n = inward(way);
  let nearest = Infinity;
  forEachEdge(outline, (a, b) => {
    const [outA, outB] = [dot(subtract(a, from), n), dot(subtract(b, from), n)];
    if (outA > 0 === outB > 0) return;
    const along = dot(subtract(add(a, scale(subtract(b, a), outA / (outA - outB))), from), way);
    if (along > 0) nearest = Math.min(nearest, along);
  });
  return Number.isFinite(nearest) ? nearest : 0;
}

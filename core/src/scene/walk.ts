import { perDesign, type Design } from '../document/design';
import type { Point } from '../geometry/point';
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
    .filter(({ low, high }) => low < HEAD && high > STEP)
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

/** Where to stand at first, and the direction to look in, radians: the emptiest place of the floor, looking to the middle of what stands in the room. */
export function firstStand(design: Design): { at: Point; turn: number } {
  const { outline } = roomShape(design);
  const at = emptiest(design, outline, WALKER);
  const bodies = obstacles(design);
  const { left, right, bottom, top } = boundsOf(outline);
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const away = (ring: Polygon) => {
    const [a, b] = [ring[0]!, ring[Math.floor(ring.length / 2)]!];
    return { x: (a.x + b.x) / 2 - at.x, y: (a.y + b.y) / 2 - at.y };
  };
  const sum = bodies.reduce(
    (total, { ring }) => {
      const { x, y } = away(ring);
      const size = Math.hypot(x, y) || 1;
      return { x: total.x + x / size, y: total.y + y / size };
    },
    { x: 0, y: 0 },
  );
  const looks = Math.hypot(sum.x, sum.y) > 0.5 ? sum : { x: middle.x - at.x || 1, y: middle.y - at.y };
  return { at, turn: Math.atan2(looks.y, looks.x) };
}

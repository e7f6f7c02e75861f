import type { EdgeProfile } from '../document/limits';
import { add, cross, distance, inward, scale, subtract, unit, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { SAME_PLACE } from '../geometry/tolerance';
import type { WorkedPart } from '../surfaces/edge-profiles';
import { chordsOf } from '../surfaces/outline/treated';

/** How much of an eased edge is taken off, and at most of a bevelled one, mm. */
const EASED = 3;
const BEVELLED = 15;
/** Steps of a half round. */
const STEPS = 8;

/** How far in an edge stands at a height over the underside of a top so thick, mm. */
function inset(profile: EdgeProfile | null, at: number, thick: number): number {
  switch (profile) {
    case 'eased': {
      const by = easedBy(thick);
      return Math.max(0, by - at, at - (thick - by));
    }
    case 'bevelled':
      return Math.max(0, at - (thick - bevelledBy(thick)));
    case 'rounded': {
      const radius = thick / 2;
      return radius - Math.sqrt(Math.max(0, radius * radius - (at - radius) * (at - radius)));
    }
    default:
      return 0;
  }
}

const easedBy = (thick: number) => Math.min(EASED, thick / 3);
const bevelledBy = (thick: number) => Math.min(BEVELLED, thick / 2);

/** The heights at which some profiles turn, from the underside to the surface. */
function turnsOf(profiles: ReadonlySet<EdgeProfile | null>, thick: number): number[] {
  const turns = new Set([0, thick]);
  if (profiles.has('eased')) turns.add(easedBy(thick)).add(thick - easedBy(thick));
  if (profiles.has('bevelled')) turns.add(thick - bevelledBy(thick));
  if (profiles.has('rounded'))
    for (let step = 1; step < STEPS; step++)
      turns.add((thick / 2) * (1 - Math.cos((Math.PI * step) / STEPS)));
  return [...turns].sort((a, b) => a - b);
}

interface Segment {
  a: Point;
  b: Point;
  profile: EdgeProfile | null;
}

/**
 * The outline of a top at every height at which the profiles of its edges turn, counter-clockwise, each of as many corners; null where an edge is too
 * short for its profile, so that the outline would fold.
 */
export function profiledLayers(
  worked: readonly WorkedPart[],
  { low, high }: { low: number; high: number },
): { ring: Polygon; up: number }[] | null {
  const points = worked.flatMap(({ part, profile }) => chordsOf([part]).map((a) => ({ a, profile })));
  const segments = points
    .map(({ a, profile }, index): Segment => ({ a, b: points[(index + 1) % points.length]!.a, profile }))
    .filter(({ a, b }) => distance(a, b) > SAME_PLACE);
  const thick = high - low;
  const area = signedArea(segments.map(({ a }) => a));
  const layers = turnsOf(new Set(segments.map(({ profile }) => profile)), thick).map((at) => ({
    ring: insetRing(segments, at, thick),
    up: low + at,
  }));
  // What folds encloses more than it was, or turns over.
  const sound = layers.every(({ ring }) => {
    const own = signedArea(ring);
    return own > 0 && own <= area + 1e-6 && runsOn(ring, segments);
  });
  return sound ? layers : null;
}

/** Two corners for each: where one edge ends and where the next begins, the same place unless they lie in one line. */
function insetRing(segments: readonly Segment[], at: number, thick: number): Point[] {
  const lines = segments.map(({ a, b, profile }) => {
    const u = unit(subtract(b, a));
    return { a, u, inner: scale(inward(u), -inset(profile, at, thick)) };
  });
  return lines.flatMap((line, index) => {
    const before = lines.at(index - 1)!;
    const [p, q] = [add(segments[index]!.a, before.inner), add(line.a, line.inner)];
    const turn = cross(before.u, line.u);
    if (Math.abs(turn) < 1e-3) return [p, q];
    const met = add(p, scale(before.u, cross(subtract(q, p), line.u) / turn));
    return [met, met];
  });
}

/** Whether no edge has turned round. */
function runsOn(ring: Polygon, segments: readonly Segment[]): boolean {
  return segments.every(({ a, b }, index) => {
    const [from, to] = [ring[2 * index + 1]!, ring[(2 * index + 2) % ring.length]!];
    const [own, was] = [subtract(to, from), subtract(b, a)];
    return own.x * was.x + own.y * was.y > 0;
  });
}

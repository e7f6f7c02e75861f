import { MOST_FACE, MOST_OUTLINE } from '../document/limits';
import type { ZonePlace, ZoneRecord } from '../document/records';
import { distance, place, scale, subtract, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { intersect, union } from '../geometry/region';
import { ok, refuse } from '../result';
import { findZone } from '../tile/zones/zone-areas';
import { storedPlace } from '../tile/zones/zone-surface';
import type { Command } from './command';
import { writtenZone } from './put-zone';

/**
 * Splits a zone by a line through two of its places: the smaller part becomes a zone of its own, laid as it was. A zone that has all of its surface stays so, and follows it; its
 * part is let into it.
 */
export const splitZone: Command<{ id: string; through: readonly [ZonePlace, ZonePlace]; part: string }> = {
  id: 'split-zone',
  run(design, { id, through: [a, b], part }) {
    const area = findZone(design, id);
    if (!area) return refuse('record-missing', { id, what: 'zone' });
    const outlines = union(area.taken.filter((ring) => signedArea(ring) > 0));
    const halves = distance(a, b) > 0 ? [sideOf(a, b), sideOf(b, a)] : [];
    const parts = halves.map((half) => intersect(outlines, [half]));
    if (parts.length < 2 || parts.some((rings) => rings.length !== 1 || rings[0]!.length > MOST_OUTLINE))
      return refuse('split-not-across', {});
    const [small, large] = parts
      .map(([ring]) => ring!)
      .sort((one, other) => signedArea(one) - signedArea(other));
    const { record } = area;
    const { name: _, ...unnamed } = record;
    // Between the two is a joint.
    const gap = Math.max(record.gap ?? 0, record.joint);
    const made: ZoneRecord = {
      ...unnamed,
      ...(gap > 0 && { gap }),
      id: part,
      corners: small!.map(storedPlace),
    };
    const first = writtenZone(design, made);
    if (!first.ok || !record.corners) return first;
    const rest = writtenZone(design, { ...record, corners: large!.map(storedPlace) });
    return rest.ok ? ok([...first.value, ...rest.value]) : rest;
  },
};

/** Further than any surface, mm. */
const FAR = 3 * MOST_FACE;

/** All to the left of a line from one place to another. */
function sideOf(a: Point, b: Point): Polygon {
  const u = scale(subtract(b, a), 1 / distance(a, b));
  const n = { x: -u.y, y: u.x };
  return [
    place(a, u, -FAR, n, 0),
    place(a, u, FAR, n, 0),
    place(a, u, FAR, n, FAR),
    place(a, u, -FAR, n, FAR),
  ];
}

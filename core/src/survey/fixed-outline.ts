import type { OutlinePlace, Placement } from '../document/records';
import { LEAST_ITEM, MOST_OUTLINE } from '../document/limits';
import { direction, dot, inward, place, subtract, type Point } from '../geometry/point';
import { boundsOf, crossingEdges, signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { quantise } from '../units/units';
import type { Footprint } from './footprint';

/** What may have an outline of its own in place of its rectangle. */
interface Outlined {
  width: number;
  depth: number;
  placement: Placement;
  corners?: OutlinePlace[];
}

/** The corners of a fixed thing in its own frame: along its back from the left end and out from it, mm, those of its rectangle unless it has its own. */
export function outlineOf({ corners, width, depth }: Outlined): readonly OutlinePlace[] {
  return (
    corners ?? [
      { along: 0, out: 0 },
      { along: width, out: 0 },
      { along: width, out: depth },
      { along: 0, out: depth },
    ]
  );
}

/** A place of the room in the frame of what stands in it, mm. */
export function inFrame({ origin, u, n }: Pick<Footprint, 'origin' | 'u' | 'n'>, point: Point): OutlinePlace {
  const off = subtract(point, origin);
  return { along: dot(off, u), out: dot(off, n) };
}

/**
 * A thing of these corners, given in its present frame: they are walked clockwise, its width and depth become their extent,
 * and its placement moves along so that every corner stays where it is. Refused where they make no outline.
 */
export function withOutline<T extends Outlined>(record: T, corners: readonly OutlinePlace[]): Result<T> {
  if (corners.length > MOST_OUTLINE) return refuse('outline-fine', { most: MOST_OUTLINE });
  const flat = corners.map(({ along, out }) => ({ x: along, y: out }));
  const area = corners.length < 3 ? 0 : signedArea(flat);
  if (Math.abs(area) < LEAST_ITEM ** 2 || crossingEdges(flat)) return refuse('outline-crossing', {});
  const { left, right, bottom, top } = boundsOf(flat);
  const walked = area > 0 ? corners : [...corners].reverse();
  const moved = walked.map(({ along, out }) => ({
    along: quantise(along - left),
    out: quantise(out - bottom),
  }));
  const size = { width: quantise(right - left), depth: quantise(top - bottom) };
  return ok({ ...record, ...size, corners: moved, placement: shifted(record, left, bottom, size.width) });
}

/** The placement of a thing whose frame moves along its back and out from it, and that comes to be so wide. */
function shifted({ placement, width }: Outlined, along: number, out: number, wide: number) {
  if (placement.on === 'face') {
    const by = placement.from === 'left' ? along : width - along - wide;
    return { ...placement, distance: quantise(placement.distance + by), off: quantise(placement.off + out) };
  }
  const u = direction(placement.turn);
  const { x, y } = place(placement, u, along, inward(u), out);
  return { ...placement, x: quantise(x), y: quantise(y) };
}

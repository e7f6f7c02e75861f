import type { Design } from '../../document/design';
import { boundsCorners, boundsMeet, boundsOf, signedArea, widened } from '../../geometry/polygon';
import { intersect, without } from '../../geometry/region';
import { edgeStrips } from '../../geometry/set-in';
import { zoneAreas, zoneRegion, type ZoneArea } from './zone-areas';
import { betweenSurfaces } from './zone-surface';

/** A joint that a zone leaves along others: its area, mm², and how long it is, mm. */
export interface JointAlong {
  area: number;
  length: number;
}

const NONE: JointAlong = { area: 0, length: 0 };

/** A gap a hair over a joint is as wide. */
const HAIR = 1e-6;

/**
 * What the gap of a zone leaves along the other zones of its surface, as about an inlay: a joint that is grouted, where it is no wider than those of either. A wider one is filled
 * with what gives, as that along walls is.
 */
export function jointAlong(design: Design, { id, record, surface, taken, rings }: ZoneArea): JointAlong {
  const { gap = 0, joint } = record;
  if (gap === 0 || taken.length === 0) return NONE;
  const own = boundsOf(taken.flat());
  const wide = widened(own, gap);
  const strips = zoneAreas(design)
    .filter((other) => other.id !== id && other.surface.key === surface.key && other.taken.length > 0)
    .filter((other) => gap <= Math.max(joint, other.record.joint) + HAIR)
    .flatMap((other) => {
      const at = betweenSurfaces(other.surface, surface);
      const about = boundsOf(boundsCorners(boundsOf(other.taken.flat())).map(at));
      if (!boundsMeet(about, wide)) return [];
      return zoneRegion(other.taken).flatMap((ring) => edgeStrips(ring.map(at), gap));
    })
    .filter((strip) => boundsMeet(boundsOf(strip), own));
  if (strips.length === 0) return NONE;
  const grouted = intersect(without(zoneRegion(taken), zoneRegion(rings)), strips);
  const area = grouted.reduce((sum, ring) => sum + signedArea(ring), 0);
  return { area, length: area / gap };
}

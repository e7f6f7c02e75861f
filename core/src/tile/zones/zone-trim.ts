import { perDesign, type Design } from '../../document/design';
import { distance, type Point } from '../../geometry/point';
import { distanceToSegment, forEachEdge, perimeter, signedArea, type Polygon } from '../../geometry/polygon';
import { without } from '../../geometry/region';
import { freeSurface, zoneAreas, zoneRegion, type ZoneArea } from './zone-areas';
import type { Stretch } from '../grid-edges';
import { frontOf } from './reveals';
import { outerEdges } from './thing-sides';
import { betweenSurfaces } from './zone-surface';

/** Edges that together are no longer are rounding, mm. */
const ROUNDING = 0.1;

/** How much of the edges of each zone is seen, mm, by its id: where neither a wall, nor what is tiled round, nor another zone goes on. A trim covers it. */
export const trimLengths: (design: Design) => ReadonlyMap<string, number> = perDesign(
  (design) => new Map(zoneAreas(design).map((zone) => [zone.id, trimLength(design, zone)])),
);

function trimLength(design: Design, zone: ZoneArea): number {
  const own = outlines(zone);
  const { reveal, side } = zone.surface;
  // What goes into a wall ends at its corner with the wall.
  if (reveal) return along(own, pathEdges(frontOf(reveal)));
  if (side) return along(own, outerEdges(design, side));
  const others = zoneAreas(design)
    .filter(({ id, surface }) => id !== zone.id && surface.key === zone.surface.key)
    .flatMap((other) =>
      outlines(other).map((ring) => ring.map(betweenSurfaces(other.surface, zone.surface))),
    );
  const room = without(freeSurface(design, zone), others);
  const bare = without(room, own);
  const tiled = without(room, bare);
  // What the two share of their edges is in none of the room they make together.
  const shared = (around(tiled) + around(bare) - around(room)) / 2;
  return shared > ROUNDING ? shared : 0;
}

const pathEdges = (path: readonly Point[]): Stretch[] =>
  path.slice(1).map((b, index) => ({ a: path[index]!, b }));

/** How much of some edges outlines have, mm. */
function along(rings: readonly Polygon[], edges: readonly Stretch[]): number {
  let long = 0;
  for (const ring of rings)
    forEachEdge(ring, (a, b) => {
      if (edges.some((edge) => isOn(a, edge) && isOn(b, edge))) long += distance(a, b);
    });
  return long;
}
const isOn = (at: Point, { a, b }: Stretch): boolean => distanceToSegment(at, a, b) < ROUNDING;

const outlines = ({ taken }: ZoneArea): Polygon[] => zoneRegion(taken).filter((ring) => signedArea(ring) > 0);

const around = (region: readonly Polygon[]): number => region.reduce((sum, ring) => sum + perimeter(ring), 0);

import type { ZonePlace, ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { boundsOf, type Polygon } from '../../geometry/polygon';
import { Frame } from '../frame';
import { framedZone, gridEdges, within, type GridEdge, type Row } from '../grid-edges';
import { rowsOf } from './usual-zone';
import { choiceOf, originOf } from './zone-laying';
import { storedPlace } from './zone-surface';

/** What a field is caught by: a whole tile at an edge, a tile or a joint in the middle of the zone. */
export type FieldCatch = 'edge' | 'joint-middle' | 'tile-middle';

/** Where a field that is dragged lands, and what has caught it along and across its rows. */
export interface FieldLanding {
  origin: ZonePlace;
  along: FieldCatch | null;
  across: FieldCatch | null;
}

/** Where a field is drawn to, from no further than `near`, mm. What is laid in no rows is caught by nothing. */
export function snapOrigin(
  zone: ZoneRecord,
  rings: readonly Polygon[],
  origin: Point,
  near: number,
): FieldLanding {
  const { tile, joint } = zone;
  const rows = rowsOf(choiceOf(zone.pattern, tile, joint), tile.w + joint);
  if (!rows || near <= 0) return { origin: storedPlace(origin), along: null, across: null };
  const turned = { at: { x: 0, y: 0 }, angle: originOf(zone).angle };
  const frame = new Frame(turned);
  const framed = framedZone(rings, turned);
  const edges = gridEdges(framed);
  const bounds = boundsOf(framed.flat());
  const at = frame.to(origin);
  const ends = edges.x.flatMap((edge) => rows.map((shift) => ({ ...edge, at: edge.at - shift })));
  const along = caught(at.x, { size: tile.w, joint }, ends, [bounds.left, bounds.right], near);
  const across = caught(at.y, { size: tile.h, joint }, edges.y, [bounds.bottom, bounds.top], near);
  const landed = frame.from({ x: at.x + (along?.by ?? 0), y: at.y + (across?.by ?? 0) });
  return { origin: storedPlace(landed), along: along?.what ?? null, across: across?.what ?? null };
}

/** By how much a start is moved to the nearest place that catches it. */
function caught(
  start: number,
  row: Row,
  edges: readonly GridEdge[],
  [from, to]: readonly [number, number],
  near: number,
): { by: number; what: FieldCatch } | null {
  const module = row.size + row.joint;
  const middle = (from + to) / 2;
  const places: { at: number; what: FieldCatch }[] = [
    // A tile begins where the zone does, or ends where it ends.
    ...edges.map(({ at, side }) => ({ at: side === 'low' ? at : at - row.size, what: 'edge' as const })),
    { at: middle - row.size / 2, what: 'tile-middle' },
    { at: middle + row.joint / 2, what: 'joint-middle' },
  ];
  let found: { by: number; what: FieldCatch } | null = null;
  for (const { at, what } of places) {
    const ahead = within(at - start, row);
    const by = ahead > module / 2 ? ahead - module : ahead;
    if (Math.abs(by) <= near && (!found || Math.abs(by) < Math.abs(found.by))) found = { by, what };
  }
  return found;
}

import type { ZonePlace, ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import type { Polygon } from '../../geometry/polygon';
import { SAME_PLACE } from '../../geometry/tolerance';
import type { Frame } from '../frame';
import { within, type GridEdge, type Row } from '../grid-edges';
import type { CatchPlace, CatchThing } from './catch-places';
import { ofEveryRow, zoneRows } from './zone-rows';
import { storedPlace } from './zone-surface';

/** What a field is caught by: a whole tile at an edge, a tile or a joint in the middle of the zone or of what is in it. */
export type FieldCatch = 'edge' | `${'joint' | 'tile'}-${CatchThing | 'middle'}`;

/** Where a field that is dragged lands, and what has caught it along and across its rows. */
export interface FieldLanding {
  origin: ZonePlace;
  along: FieldCatch | null;
  across: FieldCatch | null;
}

/** Where a field is drawn to from no further than `near`, mm: by the zone itself and by the middles of what is in it. What is laid in no rows is caught by nothing. */
export function snapOrigin(
  zone: ZoneRecord,
  rings: readonly Polygon[],
  origin: Point,
  near: number,
  places: readonly CatchPlace[] = [],
): FieldLanding {
  const rows = near > 0 ? zoneRows(zone, rings) : null;
  if (!rows) return { origin: storedPlace(origin), along: null, across: null };
  const { frame, bounds } = rows;
  const at = frame.to(origin);
  const middleX = { at: (bounds.left + bounds.right) / 2, thing: 'middle' } as const;
  const middleY = { at: (bounds.bottom + bounds.top) / 2, thing: 'middle' } as const;
  const [xs, ys] = framedPlaces(places, frame);
  const along = caught(at.x, rows.along, rows.ends, [middleX, ...ofEveryRow(xs, rows.shifts)], near);
  const across = caught(at.y, rows.up, rows.sides, [middleY, ...ys], near);
  const landed = frame.from({ x: at.x + (along?.by ?? 0), y: at.y + (across?.by ?? 0) });
  return { origin: storedPlace(landed), along: along?.what ?? null, across: across?.what ?? null };
}

/** A middle along one way of the rows. */
interface Middle {
  at: number;
  thing: CatchThing | 'middle';
}

/** Middles along the rows and across them, of those that are told that way. */
function framedPlaces(places: readonly CatchPlace[], frame: Frame): [Middle[], Middle[]] {
  const zero = frame.to({ x: 0, y: 0 });
  const [xs, ys]: [Middle[], Middle[]] = [[], []];
  for (const { thing, at, ways } of places) {
    const { x, y } = frame.to(at);
    for (const way of ways) {
      const to = frame.to(way);
      if (Math.abs(to.y - zero.y) < SAME_PLACE) xs.push({ at: x, thing });
      else if (Math.abs(to.x - zero.x) < SAME_PLACE) ys.push({ at: y, thing });
    }
  }
  return [xs, ys];
}

/** By how much a start is moved to the nearest place that catches it. */
function caught(
  start: number,
  row: Row,
  edges: readonly GridEdge[],
  middles: readonly Middle[],
  near: number,
): { by: number; what: FieldCatch } | null {
  const module = row.size + row.joint;
  const places: { at: number; what: FieldCatch }[] = [
    // A tile begins where the zone does, or ends where it ends.
    ...edges.map(({ at, side }) => ({ at: side === 'low' ? at : at - row.size, what: 'edge' as const })),
    ...middles.flatMap(({ at, thing }) => [
      { at: at - row.size / 2, what: `tile-${thing}` as const },
      { at: at + row.joint / 2, what: `joint-${thing}` as const },
    ]),
  ];
  let found: { by: number; what: FieldCatch } | null = null;
  for (const { at, what } of places) {
    const ahead = within(at - start, row);
    const by = ahead > module / 2 ? ahead - module : ahead;
    if (Math.abs(by) <= near && (!found || Math.abs(by) < Math.abs(found.by))) found = { by, what };
  }
  return found;
}

import type { ZoneRecord } from '../../document/records';
import { cross, distance, subtract, type Point } from '../../geometry/point';
import { contains, forEachEdge, segmentsCross, signedArea, type Polygon } from '../../geometry/polygon';
import type { LaidPiece } from '../lay';
import type { ServiceHole } from './service-holes';
import { zoneRegion } from './zone-areas';
import { isOfFloor } from './zone-surface';

/** A plane that falls from an edge of a zone to its drain: how steeply, as a share. */
export interface FallPlane {
  a: Point;
  b: Point;
  share: number;
}

/** How a wet floor falls: all its edges level, a plane from each to the drain; places in the zone's, mm. */
export interface Falls {
  drain: Point;
  /** How much higher the edges are than the drain, mm. */
  rise: number;
  planes: readonly FallPlane[];
  /** The cuts from the drain to the corners, along which tiles that are too large to follow both planes are cut. */
  cuts: readonly { from: Point; to: Point }[];
}

/** Why a zone can't fall: it has no drain in its floor, or one from which not all of its corners are seen. */
export type NoFalls = 'no-drain' | 'out-of-sight';

/** Tiles no longer than this follow two planes without a cut, mm. */
export const FOLLOWS = 100;
/** A corner in line with its neighbours is none, as a share of their lengths. */
const IN_LINE = 1e-6;

/** The falls of a zone to its drain: the edge furthest from it falls as it is to, the nearer ones the more steeply, since all edges are level. Null where it is level. */
export function fallsOf(
  zone: Pick<ZoneRecord, 'fall' | 'placement' | 'upon'>,
  rings: readonly Polygon[],
  holes: readonly ServiceHole[],
): Falls | NoFalls | null {
  const { fall } = zone;
  if (fall === undefined || !isOfFloor(zone)) return null;
  const drain = holes.find(({ type }) => type === 'drain')?.at;
  if (!drain) return 'no-drain';
  const outline = zoneRegion(rings).find((ring) => signedArea(ring) > 0 && contains(ring, drain));
  if (!outline) return 'no-drain';
  const corners = outline.filter((at, index) => {
    const [before, after] = [outline.at(index - 1)!, outline[(index + 1) % outline.length]!];
    const [u, v] = [subtract(at, before), subtract(after, at)];
    return Math.abs(cross(u, v)) > IN_LINE * distance(before, at) * distance(at, after);
  });
  const planes: { a: Point; b: Point; far: number }[] = [];
  forEachEdge(corners, (a, b) => {
    planes.push({ a, b, far: cross(subtract(b, a), subtract(drain, a)) / distance(a, b) });
  });
  // Every edge has the drain well to its left where all corners are seen from it.
  if (planes.some(({ far }) => far < 1)) return 'out-of-sight';
  const rise = fall * Math.max(...planes.map(({ far }) => far));
  return {
    ...{ drain, rise },
    planes: planes.map(({ a, b, far }) => ({ a, b, share: rise / far })),
    cuts: corners.map((to) => ({ from: drain, to })),
  };
}

/** The pieces that the cuts of a fall go through, where tiles are too large to follow two planes. */
export function cutByFalls(
  { cuts }: Falls,
  tile: ZoneRecord['tile'],
  pieces: readonly LaidPiece[],
): LaidPiece[] {
  if (Math.max(tile.w, tile.h) <= FOLLOWS) return [];
  return pieces.filter((piece) =>
    piece.outline().some((ring) =>
      cuts.some(({ from, to }) => {
        let crossed = contains(ring, from) || contains(ring, to);
        forEachEdge(ring, (a, b) => {
          crossed ||= segmentsCross(a, b, from, to);
        });
        return crossed;
      }),
    ),
  );
}

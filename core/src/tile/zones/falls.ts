import type { Design } from '../../document/design';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { cross, distance, middle, subtract, type Point } from '../../geometry/point';
import {
  contains,
  distanceToSegment,
  forEachEdge,
  segmentsCross,
  signedArea,
  type Polygon,
} from '../../geometry/polygon';
import { projectOn } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import type { LaidPiece } from '../lay';
import type { ServiceHole } from './service-holes';
import { zoneRegion, type ZoneArea } from './zone-areas';
import { isOfFloor, storedPlace } from './zone-surface';

/** A plane that falls from an edge of a zone to its drain: how steeply, as a share. */
export interface FallPlane {
  a: Point;
  b: Point;
  share: number;
}

/** How a wet floor falls; places in the zone's, mm. To a drain in it all its edges are level, and a plane falls from each; to a linear drain along an edge it is one plane. */
export interface Falls {
  /** The drain, or the middle of the edge it lies along. */
  drain: Point;
  /** The edge a linear drain lies along; null for a drain in the floor. */
  channel: { a: Point; b: Point } | null;
  /** How much higher than the drain it is where it is highest, mm. */
  rise: number;
  planes: readonly FallPlane[];
  /** The cuts from the drain to the corners, along which tiles that are too large to follow both planes are cut. */
  cuts: readonly { from: Point; to: Point }[];
  /** How much higher than the drain each corner is, mm. */
  corners: readonly { at: Point; by: number }[];
}

/** Why a zone can't fall: it has no drain in its floor, or one from which not all of its corners are seen; or part of it lies behind its linear drain. */
export type NoFalls = 'behind-drain' | 'no-drain' | 'out-of-sight';

/** Tiles no longer than this follow two planes without a cut, mm. */
export const FOLLOWS = 100;
/** A corner in line with its neighbours is none, as a share of their lengths. */
const IN_LINE = 1e-6;

/** The falls of a zone: to a linear drain in one plane; to a drain in it the edge furthest from it falls as it is to, the nearer ones the more steeply, since all edges are level. Null where it is level. */
export function fallsOf(
  zone: Pick<ZoneRecord, 'channel' | 'fall' | 'placement' | 'upon'>,
  rings: readonly Polygon[],
  holes: readonly ServiceHole[],
): Falls | NoFalls | null {
  const { fall } = zone;
  if (fall === undefined || !isOfFloor(zone)) return null;
  if (zone.channel) return toChannel(rings, zone.channel, fall);
  const drain = holes.find(({ type }) => type === 'drain')?.at;
  if (!drain) return 'no-drain';
  const outline = zoneRegion(rings).find((ring) => signedArea(ring) > 0 && contains(ring, drain));
  if (!outline) return 'no-drain';
  const corners = cornersOf(outline);
  const planes: { a: Point; b: Point; far: number }[] = [];
  forEachEdge(corners, (a, b) => {
    planes.push({ a, b, far: cross(subtract(b, a), subtract(drain, a)) / distance(a, b) });
  });
  // Every edge has the drain well to its left where all corners are seen from it.
  if (planes.some(({ far }) => far < 1)) return 'out-of-sight';
  const rise = fall * Math.max(...planes.map(({ far }) => far));
  return {
    ...{ drain, channel: null, rise },
    corners: corners.map((at) => ({ at, by: rise })),
    planes: planes.map(({ a, b, far }) => ({ a, b, share: rise / far })),
    cuts: corners.map((to) => ({ from: drain, to })),
  };
}

function cornersOf(outline: Polygon): Point[] {
  return outline.filter((at, index) => {
    const [before, after] = [outline.at(index - 1)!, outline[(index + 1) % outline.length]!];
    const [u, v] = [subtract(at, before), subtract(after, at)];
    return Math.abs(cross(u, v)) > IN_LINE * distance(before, at) * distance(at, after);
  });
}

/** An edge this near to a place is the one it tells, mm. */
const NEAR = 400;
/** What lies no further behind a linear drain than this is at it, mm. */
const BEHIND = 1;

/** The edges a linear drain can lie along: those of the outlines of a zone, from corner to corner. */
export function channelEdges(rings: readonly Polygon[]): { a: Point; b: Point }[] {
  const outlines = zoneRegion(rings).filter((ring) => signedArea(ring) > 0);
  return outlines.flatMap((outline) => {
    const corners = cornersOf(outline);
    return corners.map((a, index) => ({ a, b: corners[(index + 1) % corners.length]! }));
  });
}

/** An edge that a linear drain could lie along: its middle, how long it is, mm, and the face it is along; null where it is along none. */
export interface DrainEdge {
  at: ZonePlace;
  long: number;
  face: string | null;
}

/** An edge is along a face no further from it than this, mm. */
const AT_FACE = 60;

/** Where a linear drain could lie in a zone. */
export function drainEdges(design: Design, { rings, surface }: ZoneArea): DrainEdge[] {
  const { faces } = roomShape(design);
  return channelEdges(rings).map(({ a, b }) => {
    const at = middle(a, b);
    const face = faces.find((one) => {
      const { along, out } = projectOn(one, surface.toPlan(at));
      return Math.abs(out) < AT_FACE && along > 0 && along < one.length;
    });
    return { at: storedPlace(at), long: distance(a, b), face: face?.letter ?? null };
  });
}

/** How far before a linear drain a place lies, mm; behind it below nothing. */
export const overChannel = ({ a, b }: { a: Point; b: Point }, at: Point): number =>
  cross(subtract(b, a), subtract(at, a)) / distance(a, b);

/** The falls in one plane to the edge nearest to a place. */
function toChannel(rings: readonly Polygon[], place: Point, fall: number): Falls | NoFalls {
  const outlines = zoneRegion(rings).filter((ring) => signedArea(ring) > 0);
  const away = ({ a, b }: { a: Point; b: Point }) => distanceToSegment(place, a, b);
  const [channel] = channelEdges(rings).sort((one, other) => away(one) - away(other));
  if (!channel || away(channel) > NEAR) return 'no-drain';
  const { a, b } = channel;
  const far = (at: Point) => overChannel(channel, at);
  // What of the zone is apart from the edge with the drain falls to it too, if it lies before it.
  const all = outlines.flatMap(cornersOf);
  if (all.some((at) => far(at) < -BEHIND)) return 'behind-drain';
  const corners = all.map((at) => ({ at, by: Math.max(0, fall * far(at)) }));
  return {
    ...{ drain: middle(a, b), channel, corners, cuts: [] },
    rise: Math.max(...corners.map(({ by }) => by)),
    planes: [{ a, b, share: fall }],
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

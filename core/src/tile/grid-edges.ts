import { cross, distance, dot, inward, place, scale, subtract, type Point } from '../geometry/point';
import { boundsOf, forEachEdge, widened, type Polygon } from '../geometry/polygon';
import { Frame, type Origin } from './frame';
import { extentOf, ZoneEdges } from './zone-edges';

/** An edge across one way of a grid: how far along that it is, mm, and whether the zone goes on from there (`low`) or ends there (`high`). */
export interface GridEdge {
  at: number;
  side: 'low' | 'high';
}

/** An edge with how long it is, mm. */
export interface LongEdge extends GridEdge {
  long: number;
}

/** The edges of a zone by the way they lie across a grid. */
export interface GridEdges {
  /** Across the rows' length: upright ones, seen along the grid. */
  x: LongEdge[];
  y: LongEdge[];
  /** Others lie along neither way: a grid has no row at them. */
  slanted: boolean;
}

/** An edge lies along a grid if it leaves it by no more than this, mm. */
const ALONG = 1e-6;
/** An edge this near to a tile's is at it, mm. */
export const AT_TILE = 1e-6;

/** The zone's edges in the places of a grid: of rings that touch or lie over one another what has the zone on one side only. */
export function gridEdges(framed: readonly Polygon[]): GridEdges {
  const found: GridEdges = { x: [], y: [], slanted: false };
  const seen = framed.length > 1 ? seenIn(framed) : longOf;
  for (const ring of framed)
    forEachEdge(ring, (a, b) => {
      if (distance(a, b) > ALONG) addEdge(found, a, b, seen(a, b));
    });
  return found;
}

/** Adds so much of an edge, mm, to those that lie across a way of the grid. */
function addEdge(found: GridEdges, a: Point, b: Point, long: number): void {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  if (long <= ALONG) return;
  // The zone is to the left of an edge.
  if (Math.abs(dx) <= ALONG) found.x.push({ at: (a.x + b.x) / 2, side: dy < 0 ? 'low' : 'high', long });
  else if (Math.abs(dy) <= ALONG) found.y.push({ at: (a.y + b.y) / 2, side: dx > 0 ? 'low' : 'high', long });
  else found.slanted = true;
}

/** Some edges by the way they lie across a grid, in its places. */
export function gridEdgesAmong(edges: readonly Stretch[]): GridEdges {
  const found: GridEdges = { x: [], y: [], slanted: false };
  for (const { a, b } of edges) addEdge(found, a, b, distance(a, b));
  return found;
}

/** A stretch of a line. */
export interface Stretch {
  a: Point;
  b: Point;
}

/** The edges of a zone as far as they have it on their left and none of it on their right. */
export function seenEdges(zone: readonly Polygon[]): Stretch[] {
  const edges: Stretch[] = [];
  const seen = zone.length > 1 ? stretchesIn(zone) : (a: Point, b: Point) => [{ a, b }];
  for (const ring of zone)
    forEachEdge(ring, (a, b) => void (distance(a, b) > ALONG && edges.push(...seen(a, b))));
  return edges;
}

const longOf = (a: Point, b: Point): number => distance(a, b);

/** So far beside an edge it is asked whether the zone is there, mm. */
const BESIDE = 1e-3;

/** How much of an edge has the zone on its left and none on its right, mm. */
function seenIn(framed: readonly Polygon[]): (a: Point, b: Point) => number {
  const stretches = stretchesIn(framed);
  return (a, b) => stretches(a, b).reduce((sum, one) => sum + distance(one.a, one.b), 0);
}

/** The stretches of an edge that have the zone on their left and none on their right. */
function stretchesIn(framed: readonly Polygon[]): (a: Point, b: Point) => Stretch[] {
  const { left, right, bottom, top } = boundsOf(framed.flat());
  const zone = new ZoneEdges(framed, Math.max(right - left, top - bottom) / 64);
  return (a, b) => {
    const long = distance(a, b);
    const u = scale(subtract(b, a), 1 / long);
    const out = inward(u);
    const extent = extentOf(widened(boundsOf([a, b]), BESIDE));
    const stops = [0, long];
    for (const other of zone.near(extent)) {
      const turn = cross(u, subtract(other.b, other.a));
      if (Math.abs(turn) > 1e-9) stops.push(cross(subtract(other.a, a), subtract(other.b, other.a)) / turn);
      for (const end of [other.a, other.b]) stops.push(dot(subtract(end, a), u));
    }
    const sorted = stops.filter((at) => at >= 0 && at <= long).sort((one, two) => one - two);
    const found: [number, number][] = [];
    for (const [index, from] of sorted.entries()) {
      const to = sorted[index + 1];
      if (to === undefined || to - from <= ALONG) continue;
      const [inside, outside] = [-BESIDE, BESIDE].map((by) => place(a, u, (from + to) / 2, out, by));
      if (!zone.covers(inside!) || zone.covers(outside!)) continue;
      const last = found.at(-1);
      if (last && from - last[1] <= ALONG) last[1] = to;
      else found.push([from, to]);
    }
    return found.map(([from, to]) => ({ a: place(a, u, from, out, 0), b: place(a, u, to, out, 0) }));
  };
}

export const framedZone = (zone: readonly Polygon[], origin: Origin): Polygon[] => {
  const frame = new Frame(origin);
  return zone.map((ring) => ring.map((corner) => frame.to(corner)));
};

/** Tiles in a row: how long each is, and the joint between them, mm. */
export interface Row {
  size: number;
  joint: number;
}

/** How far on in its tile and joint a place is, mm: from 0 to less than both. */
export function within(at: number, { size, joint }: Row): number {
  const module = size + joint;
  const rest = at - Math.floor(at / module) * module;
  return rest >= module ? 0 : rest;
}

/** What is left of the row at an edge, tiles beginning at a start, as if the zone went on for a whole tile: all of it where the edge lies in a joint or at a tile's. */
export function sizeAtEdge({ at, side }: GridEdge, start: number, row: Row): number {
  const into = within(at - start, row);
  if (into < AT_TILE || into > row.size - AT_TILE) return row.size;
  return side === 'low' ? row.size - into : into;
}

/** The sizes of the rows nearest the two ends of a stretch, as much of each as it shows. */
export function endSizes([from, to]: readonly [number, number], start: number, row: Row): [number, number] {
  const module = row.size + row.joint;
  const shown = (index: number) => {
    const low = start + index * module;
    return Math.min(to, low + row.size) - Math.max(from, low);
  };
  const first = Math.floor((from - start) / module);
  const last = Math.floor((to - start) / module);
  const seen = [first, first + 1].find((index) => shown(index) > AT_TILE);
  const end = [last, last - 1].find((index) => shown(index) > AT_TILE);
  return [seen === undefined ? 0 : shown(seen), end === undefined ? 0 : shown(end)];
}

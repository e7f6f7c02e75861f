import { remember, rememberOne } from '../document/remember';
import { add, cross, distance, dot, length, scale, subtract, unit, type Point } from '../geometry/point';
import { grown } from '../geometry/convex';
import { unionWithin, without, type Region } from '../geometry/region';
import type { Polygon } from '../geometry/polygon';
import type { ItemBox } from '../setting/item-box';
import { kindOfRole, type EdgeSource, type KeyedPolygon, type SourceLine, type TopEdge } from './top-edge';

/** What cuts a top: the room's outline, and what stands in it. */
export interface Cutters {
  room: Polygon;
  walls: readonly SourceLine[];
  fixed: readonly KeyedPolygon[];
}

/** How far off its line an edge may lie that was computed on whole micrometres, mm. */
const ON_LINE = 4e-3;
/** What only touches is one all the same: on whole micrometres it might stand apart. So far each polygon is grown; its edges are still on their lines, mm. */
const TOGETHER = 1.5e-3;
/** Edges shorter than this are rounding, mm. */
const NO_EDGE = 0.01;

/** A line that edges may lie on: where it comes from, where it begins, its direction, and how long it is, mm. */
interface Line {
  source: EdgeSource;
  from: Point;
  u: Point;
  long: number;
}

/** Walls are in line if they differ by no more (the sine of it). */
const SAME_WAY = 1e-6;

/** An edge with the lines it may lie on; it lies on the first. */
interface Found {
  a: Point;
  b: Point;
  lines: Line[];
}

/**
 * The rings that some polygons make together within a room, each edge with where it comes from. The polygon library says which edges there
 * are; where they meet is computed from the lines they lie on, so that no corner is rounded.
 */
export function keyedRings(polygons: readonly KeyedPolygon[], { room, walls, fixed }: Cutters): TopEdge[][] {
  const inRoom = unionWithin(
    polygons.map(({ ring }) => grown(ring, TOGETHER)),
    room,
  );
  const region: Region =
    fixed.length > 0
      ? without(
          inRoom,
          fixed.map(({ ring }) => ring),
        )
      : inRoom;
  const lines = [...wallLines(walls), ...fixed.flatMap(sideLines), ...polygons.flatMap(sideLines)];
  return region.flatMap((ring) => {
    const found: Found[] = [];
    for (const [index, a] of ring.entries()) {
      const b = ring[(index + 1) % ring.length]!;
      if (distance(a, b) > NO_EDGE) found.push({ a, b, lines: lines.filter((line) => liesOn(a, b, line)) });
    }
    const edges = merged(found);
    return edges.length > 2 ? partedAtPlaces(withoutNone(cornered(edges))).map((one) => one.map(keyed)) : [];
  });
}

const wallLines = rememberOne((walls: readonly SourceLine[]): Line[] =>
  walls.map((wall) => lineOf(wall, wall.a, wall.b)),
);

/** The lines of the sides of a polygon that do not lie within the top. */
const sideLines = rememberOne(({ ring, sides }: KeyedPolygon): Line[] =>
  sides.flatMap((source, index) =>
    source ? [lineOf(source, ring[index]!, ring[(index + 1) % ring.length]!)] : [],
  ),
);

function lineOf(source: EdgeSource, from: Point, to: Point): Line {
  const way = subtract(to, from);
  const long = length(way);
  return { source, from, u: scale(way, 1 / long), long };
}

/** Whether an edge lies on a line, along at least half of itself, and with the top to the same side. */
function liesOn(a: Point, b: Point, { source: { role }, from, u, long }: Line): boolean {
  // Asked of every edge and every line: nothing is made on the way.
  const [ax, ay, bx, by] = [a.x - from.x, a.y - from.y, b.x - from.x, b.y - from.y];
  if (Math.abs(u.x * ay - u.y * ax) > ON_LINE || Math.abs(u.x * by - u.y * bx) > ON_LINE) return false;
  const [first, second] = [u.x * ax + u.y * ay, u.x * bx + u.y * by];
  if (second < first && role !== 'wall' && role !== 'fixed') return false;
  const shared = Math.min(Math.max(first, second), long) - Math.max(Math.min(first, second), 0);
  return shared >= Math.abs(second - first) / 2;
}

/** Neighbouring edges that lie on one line are one. */
function merged(edges: readonly Found[]): Found[] {
  const joined: Found[] = [];
  for (const edge of edges) {
    const last = joined.at(-1);
    const both = last && together(last, edge);
    if (both) joined[joined.length - 1] = both;
    else joined.push(edge);
  }
  const both = joined.length > 1 ? together(joined.at(-1)!, joined[0]!) : null;
  return both ? [both, ...joined.slice(1, -1)] : joined;
}

/** Two edges that follow one another as one, if they are of the same kind and in line. */
function together(first: Found, second: Found): Found | null {
  // Held against both together: by the way of a short one, rounded, the end of a long one lies off its line.
  const u = unit(subtract(second.b, first.a));
  const off = Math.abs(cross(u, subtract(first.b, first.a)));
  if (off > ON_LINE || dot(subtract(first.b, first.a), subtract(second.b, second.a)) < 0) return null;
  const [one, other] = [first.lines[0]?.source, second.lines[0]?.source];
  if (one?.role !== other?.role || one?.id !== other?.id) return null;
  // The chords of a bent wall are no line, however short one of them is.
  if (one?.role === 'wall' && Math.abs(cross(first.lines[0]!.u, second.lines[0]!.u)) > SAME_WAY) return null;
  return { a: first.a, b: second.b, lines: [...first.lines, ...second.lines] };
}

/** The edges with their corners where their lines cross. */
function cornered(edges: readonly Found[]): Found[] {
  const corners = edges.map((edge, index) => {
    const before = edges[(index + edges.length - 1) % edges.length]!;
    return crossing(before, edge);
  });
  return edges.map(({ lines }, index) => ({
    a: corners[index]!,
    b: corners[(index + 1) % edges.length]!,
    lines,
  }));
}

/** Edges without those that are none between the corners of the lines they lie on. */
function withoutNone(edges: Found[]): Found[] {
  const left = edges.filter(({ a, b }) => distance(a, b) > NO_EDGE);
  return left.length < edges.length && left.length > 2 ? cornered(left) : edges;
}

/** The rings of one that comes through the same place more than once: what meets in a corner only is not one. */
function partedAtPlaces(edges: Found[]): Found[][] {
  const order = edges.map((_, index) => index).sort((one, other) => edges[one]!.a.x - edges[other]!.a.x);
  for (const [at, one] of order.entries())
    for (let next = at + 1; next < order.length; next++) {
      const other = order[next]!;
      const [a, b] = [edges[one]!.a, edges[other]!.a];
      if (b.x - a.x > NO_EDGE) break;
      if (distance(a, b) > NO_EDGE) continue;
      const [from, to] = [Math.min(one, other), Math.max(one, other)];
      const loops = [edges.slice(from, to), [...edges.slice(to), ...edges.slice(0, from)]];
      return loops.flatMap((loop) => partedAtPlaces(closed(loop)));
    }
  return edges.length > 2 ? [edges] : [];
}

/** Edges with the last ending where the first begins. */
const closed = (edges: Found[]): Found[] =>
  edges.map((edge, index) => (index < edges.length - 1 ? edge : { ...edge, b: edges[0]!.a }));

/** Lines that differ by less than this cross nowhere that could be told (the sine of it). */
const NO_CROSSING = 1e-3;
/** A corner is no farther from where the library has it, mm, or from there as far as edges lie off their lines: else a line was not the edge's own after all. */
const SAME_CORNER = 0.04;

function crossing(before: Found, after: Found): Point {
  const [first, second] = [lineUnder(before), lineUnder(after)];
  const turn = cross(first.u, second.u);
  if (Math.abs(turn) < NO_CROSSING)
    return add(second.from, scale(second.u, dot(subtract(after.a, second.from), second.u)));
  const along = cross(subtract(second.from, first.from), second.u) / turn;
  const met = add(first.from, scale(first.u, along));
  return distance(met, after.a) < Math.max(SAME_CORNER, (2 * ON_LINE) / Math.abs(turn)) ? met : after.a;
}

const lineUnder = ({ a, b, lines }: Found): Pick<Line, 'from' | 'u'> =>
  lines[0] ?? { from: a, u: unit(subtract(b, a)) };

/** The items of some that an edge runs along, in its order; the nearest where it runs along none. */
function itemsAlong(a: Point, b: Point, boxes: Iterable<ItemBox>): string[] {
  const u = unit(subtract(b, a));
  const [from, long] = [dot(a, u), distance(a, b)];
  const beside: { id: string; at: number }[] = [];
  let nearest: { id: string; shared: number } | null = null;
  for (const { id, rectangle } of boxes) {
    // How far along the edge its width goes.
    let [at, to] = [Infinity, -Infinity];
    for (const corner of rectangle) {
      const along = dot(corner, u) - from;
      if (along < at) at = along;
      if (along > to) to = along;
    }
    const shared = Math.min(long, to) - Math.max(0, at);
    if (shared > NO_EDGE) beside.push({ id, at });
    if (!nearest || shared > nearest.shared) nearest = { id, shared };
  }
  if (beside.length === 0) return nearest ? [nearest.id] : [];
  return beside.sort((one, other) => one.at - other.at).map(({ id }) => id);
}

function keyed({ a, b, lines }: Found): TopEdge {
  const source = lines[0]?.source ?? NO_SOURCE;
  const same = lines.filter((line) => line.source.role === source.role && line.source !== source);
  if (same.length === 0) return keyedBy(source, { a, b });
  const boxes = new Set([source, ...same.map((line) => line.source)].flatMap((one) => one.boxes));
  return edgeOf(source, a, b, boxes);
}

const NO_SOURCE: EdgeSource = { role: 'step', boxes: [], id: null };

/** The very same edge where it comes from the same and lies where it did: most of a ring, after most edits. */
const keyedBy = remember(
  (source: EdgeSource, { a, b }: { a: Point; b: Point }) => edgeOf(source, a, b, source.boxes),
  { kept: 4 },
);

function edgeOf(source: EdgeSource, a: Point, b: Point, boxes: Iterable<ItemBox>): TopEdge {
  const { role, id } = source;
  const items = itemsAlong(a, b, boxes);
  return { key: `${role} ${id ?? items.join(' ')}`, kind: kindOfRole[role], role, a, b, items, at: id };
}

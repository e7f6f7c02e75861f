import { add, cross, distance, dot, scale, subtract, unit, type Point } from '../geometry/point';
import { intersect, union, without, type Region } from '../geometry/region';
import type { Polygon } from '../geometry/polygon';
import { kindOfRole, type EdgeSource, type KeyedPolygon, type SourceLine, type TopEdge } from './top-edge';

/** What cuts a top: the room's outline, and what stands in it. */
export interface Cutters {
  room: Polygon;
  walls: readonly SourceLine[];
  fixed: readonly KeyedPolygon[];
}

/** How far off its line an edge may lie that was computed on whole micrometres, mm. */
const ON_LINE = 4e-3;
/** Edges shorter than this are rounding, mm. */
const NO_EDGE = 0.01;

/** An edge with the lines it may lie on; it lies on the first. */
interface Found {
  a: Point;
  b: Point;
  lines: SourceLine[];
}

/**
 * The rings that some polygons make together within a room, each edge with where it comes from. The polygon library says which edges there
 * are; where they meet is computed from the lines they lie on, so that no corner is rounded.
 */
export function keyedRings(polygons: readonly KeyedPolygon[], { room, walls, fixed }: Cutters): TopEdge[][] {
  const inRoom = intersect(union(polygons.map(({ ring }) => ring)), [room]);
  const region: Region =
    fixed.length > 0
      ? without(
          inRoom,
          fixed.map(({ ring }) => ring),
        )
      : inRoom;
  const lines = [...walls, ...[...fixed, ...polygons].flatMap(linesOf)];
  return region.flatMap((ring) => {
    const edges = merged(
      ring
        .map((a, index) => ({ a, b: ring[(index + 1) % ring.length]! }))
        .filter(({ a, b }) => distance(a, b) > NO_EDGE)
        .map((edge): Found => ({ ...edge, lines: lines.filter((line) => liesOn(edge, line)) })),
    );
    return edges.length > 2 ? [cornered(edges).map(keyed)] : [];
  });
}

function linesOf({ ring, sides }: KeyedPolygon): SourceLine[] {
  return sides.flatMap((source, index) =>
    source ? [{ ...source, a: ring[index]!, b: ring[(index + 1) % ring.length]! }] : [],
  );
}

/** Whether an edge lies on a line, along at least half of itself, and with the top to the same side. */
function liesOn({ a, b }: { a: Point; b: Point }, { a: from, b: to, role }: SourceLine): boolean {
  const u = unit(subtract(to, from));
  if (Math.abs(cross(u, subtract(a, from))) > ON_LINE || Math.abs(cross(u, subtract(b, from))) > ON_LINE)
    return false;
  const [first, second] = [dot(u, subtract(a, from)), dot(u, subtract(b, from))];
  if (second < first && role !== 'wall' && role !== 'fixed') return false;
  const shared = Math.min(Math.max(first, second), distance(from, to)) - Math.max(Math.min(first, second), 0);
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
  const u = unit(subtract(first.b, first.a));
  const off = Math.abs(cross(u, subtract(second.b, first.a)));
  if (off > ON_LINE || dot(u, subtract(second.b, second.a)) < 0) return null;
  const [one, other] = [first.lines[0], second.lines[0]];
  if (one?.role !== other?.role || one?.id !== other?.id) return null;
  return { a: first.a, b: second.b, lines: [...first.lines, ...second.lines] };
}

/** The edges with their corners where their lines cross. */
function cornered(edges: readonly Found[]): Found[] {
  const corners = edges.map((edge, index) => {
    const before = edges[(index + edges.length - 1) % edges.length]!;
    return crossing(before, edge);
  });
  return edges.map((edge, index) => ({
    ...edge,
    a: corners[index]!,
    b: corners[(index + 1) % edges.length]!,
  }));
}

/** Lines that differ by less than this cross nowhere that could be told (the sine of it). */
const NO_CROSSING = 1e-3;
/** A corner is no farther from where the library has it, mm: else a line was not the edge's own after all. */
const SAME_CORNER = 0.04;

function crossing(before: Found, after: Found): Point {
  const [first, second] = [before.lines[0] ?? before, after.lines[0] ?? after];
  const [u, v] = [unit(subtract(first.b, first.a)), unit(subtract(second.b, second.a))];
  const turn = cross(u, v);
  if (Math.abs(turn) < NO_CROSSING) return after.a;
  const met = add(first.a, scale(u, cross(subtract(second.a, first.a), v) / turn));
  return distance(met, after.a) < SAME_CORNER ? met : after.a;
}

function keyed({ a, b, lines }: Found): TopEdge {
  const source: EdgeSource = lines[0] ?? { role: 'step', boxes: [], id: null };
  const boxes = [...new Set(lines.filter(({ role }) => role === source.role).flatMap((line) => line.boxes))];
  const u = unit(subtract(b, a));
  // How far along the edge an item's width goes.
  const along = boxes.map((box) => {
    const ends = box.rectangle.map((point) => dot(subtract(point, a), u));
    const shared = Math.min(distance(a, b), Math.max(...ends)) - Math.max(0, Math.min(...ends));
    return { id: box.id, at: Math.min(...ends), shared };
  });
  const beside = along.filter(({ shared }) => shared > NO_EDGE).sort((one, other) => one.at - other.at);
  const nearest = along.sort((one, other) => other.shared - one.shared).slice(0, 1);
  const items = (beside.length > 0 ? beside : nearest).map(({ id }) => id);
  return {
    key: `${source.role} ${source.id ?? items.join(' ')}`,
    kind: kindOfRole[source.role],
    role: source.role,
    ...{ a, b, items, at: source.id },
  };
}

import { add, cross, dot, length, scale, subtract, type Point } from '../geometry/point';
import { wrapAngle } from '../units/angles';
import type { Side } from '../document/records';
import type { SparseRow } from './normal-equations';

/** Not by the plain root, which may differ in the last bit: rooms measured long ago are adjusted to the very same corners. */
const distance = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/** A place on a face: so far from its left or right end, mm; zero is the corner itself. */
export interface LoopPlace {
  face: number;
  from: Side;
  distance: number;
}

/** How a value is used: measured counts with its weight, assumed only where the measured ones leave the shape open, excluded not at all. */
export type Standing = 'measured' | 'assumed' | 'excluded';

/** One measured or assumed value of a survey: mm for lengths and distances, radians for corners. */
export type Observation = {
  /** The record it comes from. */
  id: string;
  /** As a person would say it: `A`, `corner B`, `A–C`. */
  name: string;
  given: number;
  sigma: number;
  standing: Standing;
} & ({ of: 'length' | 'corner'; index: number } | { of: 'distance'; from: LoopPlace; to: LoopPlace });

/** The taped distances among observations, by their records. */
export function distancesById(
  observations: readonly Observation[],
): ReadonlyMap<string, Extract<Observation, { of: 'distance' }>> {
  return new Map(observations.flatMap((one) => (one.of === 'distance' ? [[one.id, one]] : [])));
}

/** Where a place on a face is. */
export function placeAt(corners: readonly Point[], { face, from, distance: away }: LoopPlace): Point {
  const [start, end] = [corners[face]!, corners[(face + 1) % corners.length]!];
  const [near, far] = from === 'left' ? [start, end] : [end, start];
  return away === 0 ? near : add(near, scale(subtract(far, near), away / distance(near, far)));
}

/** The value an observation has in a loop of these corners. */
export function computedValue(corners: readonly Point[], observation: Observation): number {
  if (observation.of === 'distance')
    return distance(placeAt(corners, observation.from), placeAt(corners, observation.to));
  const [before, at, after] = around(corners, observation.index);
  return observation.of === 'length' ? distance(at, after) : insideAngle(before, at, after);
}

/** Given minus computed value; angles the short way round. */
export function difference(corners: readonly Point[], observation: Observation): number {
  const off = observation.given - computedValue(corners, observation);
  return observation.of === 'corner' ? wrapAngle(off) : off;
}

/** Inside angle at a corner of a clockwise loop, radians in (0, 2π). */
export function insideAngle(before: Point, at: Point, after: Point): number {
  const into = subtract(at, before);
  const out = subtract(after, at);
  return Math.PI + Math.atan2(cross(into, out), dot(into, out));
}

/** The unknown of a corner's coordinate, -1 where the datum fixes it: corner 0 is the origin, corner 1 lies on the x axis. */
export function unknownOf(corner: number, axis: 0 | 1): number {
  if (corner === 0) return -1;
  if (corner === 1) return axis === 0 ? 0 : -1;
  return 2 * corner - 3 + axis;
}

/** Derivative of an observation by the unknown coordinates. */
export function derivative(corners: readonly Point[], observation: Observation): SparseRow {
  const row: SparseRow = { at: [], by: [] };
  const put = (corner: number, change: Point) => {
    const at = (corner + corners.length) % corners.length;
    const [x, y] = [unknownOf(at, 0), unknownOf(at, 1)];
    if (x >= 0) {
      row.at.push(x);
      row.by.push(change.x);
    }
    if (y >= 0) {
      row.at.push(y);
      row.by.push(change.y);
    }
  };
  if (observation.of === 'distance') {
    const [from, to] = [placeAt(corners, observation.from), placeAt(corners, observation.to)];
    const u = direction(from, to);
    carry(corners, observation.from, scale(u, -1), put);
    carry(corners, observation.to, u, put);
    return merged(row);
  }
  const { index } = observation;
  const [before, at, after] = around(corners, index);
  const out = subtract(after, at);
  if (observation.of === 'length') {
    const u = scale(out, 1 / length(out));
    put(index, scale(u, -1));
    put(index + 1, u);
    return row;
  }
  const bearing = (vector: Point): Point => scale({ x: -vector.y, y: vector.x }, 1 / dot(vector, vector));
  const outTurn = bearing(out);
  const inTurn = bearing(subtract(at, before));
  put(index + 1, outTurn);
  put(index, scale(add(outTurn, inTurn), -1));
  put(index - 1, inTurn);
  return row;
}

/**
 * Hands the change along `u` of a place on a face to the corners of the face. The place near + away·w, w the unit vector
 * to the far corner: its derivative by the far corner is (away / length)(I − wwᵀ), by the near one I minus that.
 */
function carry(
  corners: readonly Point[],
  { face, from, distance: away }: LoopPlace,
  u: Point,
  put: (corner: number, change: Point) => void,
): void {
  const [near, far] = from === 'left' ? [face, face + 1] : [face + 1, face];
  if (away === 0) return put(near, u);
  const [a, b] = [corners[near % corners.length]!, corners[far % corners.length]!];
  const w = direction(a, b);
  const share = scale(subtract(u, scale(w, dot(w, u))), away / distance(a, b));
  put(far, share);
  put(near, subtract(u, share));
}

/** A row where no unknown stands twice (two places can share a corner). */
function merged({ at, by }: SparseRow): SparseRow {
  const sums = new Map<number, number>();
  at.forEach((unknown, index) => sums.set(unknown, (sums.get(unknown) ?? 0) + by[index]!));
  return { at: [...sums.keys()], by: [...sums.values()] };
}

function direction(from: Point, to: Point): Point {
  const along = subtract(to, from);
  return scale(along, 1 / length(along));
}

function around(corners: readonly Point[], index: number): [Point, Point, Point] {
  const count = corners.length;
  return [corners[(index - 1 + count) % count]!, corners[index]!, corners[(index + 1) % count]!];
}

import Delaunator from 'delaunator';
import { EdgeGrid, edgesOf } from './edge-grid';
import { distance, type Point } from './point';
import { forEachEdge, type Polygon } from './polygon';

/**
 * A floor as triangles between places along its edges. No triangle has another of those places in the circle through its corners, so that how
 * wide a way is follows from the sides of triangles that it crosses: between two places that are the ends of a side nothing stands.
 */
export interface FloorMesh {
  /** No two neighbours along an edge are farther from each other, mm: what is no wider cannot be told from a wall. */
  step: number;
  /** Places along the edges, x and y in turn. */
  places: Float64Array;
  /** Of each triangle its three places, of each side the same side of the triangle beyond; below 0 where there is none. */
  corners: Uint32Array;
  beyond: Int32Array;
  /** How long each side is, mm. */
  sizes: Float64Array;
  edges: EdgeGrid;
  rings: readonly Polygon[];
}

/** The usual step, mm; and so many places at most: along longer edges they are farther apart. */
const STEP = 120;
const MOST_PLACES = 20_000;

/** A floor's outlines and holes as triangles; null where there is none. */
export function floorMesh(rings: readonly Polygon[]): FloorMesh | null {
  const all = edgesOf(rings);
  const length = all.reduce((sum, [a, b]) => sum + distance(a, b), 0);
  const step = Math.max(STEP, length / MOST_PLACES);
  const places: number[] = [];
  for (const ring of rings)
    forEachEdge(ring, (a, b) => {
      const count = Math.max(1, Math.ceil(distance(a, b) / step));
      for (let index = 0; index < count; index++)
        places.push(a.x + ((b.x - a.x) * index) / count, a.y + ((b.y - a.y) * index) / count);
    });
  if (places.length < 6) return null;
  const found = new Delaunator(Float64Array.from(places));
  if (found.triangles.length === 0) return null;
  const { coords, triangles, halfedges } = found;
  const sizes = new Float64Array(triangles.length);
  for (let side = 0; side < sizes.length; side++) {
    const [a, b] = [2 * triangles[side]!, 2 * triangles[nextSide(side)]!];
    const [x, y] = [coords[b]! - coords[a]!, coords[b + 1]! - coords[a + 1]!];
    sizes[side] = Math.sqrt(x * x + y * y);
  }
  return {
    step,
    places: coords,
    corners: triangles,
    beyond: halfedges,
    sizes,
    edges: new EdgeGrid(all),
    rings,
  };
}

const nextSide = (side: number): number => (side % 3 === 2 ? side - 2 : side + 1);

/** A place of a mesh. */
export const placeAt = ({ places }: FloorMesh, index: number): Point => ({
  x: places[2 * index]!,
  y: places[2 * index + 1]!,
});

/** The ends of a side: side s is that of triangle s / 3 from its corner s to the next. */
export const sideOf = (mesh: FloorMesh, side: number): readonly [Point, Point] => [
  placeAt(mesh, mesh.corners[side]!),
  placeAt(mesh, mesh.corners[nextSide(side)]!),
];

/** The corners of a triangle. */
export const triangleOf = (mesh: FloorMesh, triangle: number): readonly [Point, Point, Point] => [
  placeAt(mesh, mesh.corners[3 * triangle]!),
  placeAt(mesh, mesh.corners[3 * triangle + 1]!),
  placeAt(mesh, mesh.corners[3 * triangle + 2]!),
];

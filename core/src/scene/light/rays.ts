import type { Mesh, Place } from '../mesh';
import { along, cross, inner, minus, times, unit } from '../places';
import type { SceneGroup, ScenePart } from '../scene-part';

/** What a ray meets first: where, the normal of the face there, turned against the ray, and the part. */
export interface Met {
  at: Place;
  normal: Place;
  part: ScenePart;
  far: number;
}

/** Finds what a ray from a place in a direction of length 1 meets first; null where nothing is. */
export type RayCaster = (from: Place, way: Place) => Met | null;

/** Nearer than this a ray meets nothing: it starts on a face, mm. */
const OFF = 0.5;

interface Extent {
  low: [number, number, number];
  high: [number, number, number];
}

const extents = new WeakMap<Mesh, Extent>();

/** Rays through a room: everything in it stops them but what is clear. */
export function raysThrough(groups: readonly SceneGroup[]): RayCaster {
  const parts = groups
    .flatMap((group) => group.parts)
    .filter(({ substance, mesh }) => substance !== 'glass' && mesh.indices.length > 0);
  return (from, way) => {
    let nearest: Met | null = null;
    for (const part of parts) {
      if (!meets(extentOf(part.mesh), from, way, nearest?.far ?? Infinity)) continue;
      nearest = nearestOf(part, from, way, nearest);
    }
    return nearest;
  };
}

function extentOf(mesh: Mesh): Extent {
  let extent = extents.get(mesh);
  if (extent) return extent;
  extent = { low: [Infinity, Infinity, Infinity], high: [-Infinity, -Infinity, -Infinity] };
  mesh.positions.forEach((value, index) => {
    const k = index % 3;
    extent!.low[k] = Math.min(extent!.low[k]!, value);
    extent!.high[k] = Math.max(extent!.high[k]!, value);
  });
  extents.set(mesh, extent);
  return extent;
}

/** Whether a ray comes through a box before it has gone so far (slabs). */
function meets({ low, high }: Extent, from: Place, way: Place, most: number): boolean {
  let [near, far] = [0, most];
  for (let k = 0; k < 3; k++) {
    const by = way[k]!;
    if (Math.abs(by) < 1e-12) {
      if (from[k]! < low[k]! || from[k]! > high[k]!) return false;
      continue;
    }
    const [a, b] = [(low[k]! - from[k]!) / by, (high[k]! - from[k]!) / by];
    near = Math.max(near, Math.min(a, b));
    far = Math.min(far, Math.max(a, b));
    if (near > far) return false;
  }
  return true;
}

/** The nearest triangle of a part that is nearer than what is known (Möller and Trumbore). */
function nearestOf(part: ScenePart, from: Place, way: Place, known: Met | null): Met | null {
  const { positions, indices } = part.mesh;
  let nearest = known;
  for (let i = 0; i < indices.length; i += 3) {
    const a = cornerAt(positions, indices[i]!);
    const ab = minus(cornerAt(positions, indices[i + 1]!), a);
    const ac = minus(cornerAt(positions, indices[i + 2]!), a);
    const p = cross(way, ac);
    const det = inner(ab, p);
    if (Math.abs(det) < 1e-9) continue;
    const t = minus(from, a);
    const u = inner(t, p) / det;
    if (u < 0 || u > 1) continue;
    const q = cross(t, ab);
    const v = inner(way, q) / det;
    if (v < 0 || u + v > 1) continue;
    const far = inner(ac, q) / det;
    if (far < OFF || far >= (nearest?.far ?? Infinity)) continue;
    const out = unit(cross(ab, ac));
    nearest = { at: along(from, way, far), normal: inner(out, way) > 0 ? times(out, -1) : out, part, far };
  }
  return nearest;
}

const cornerAt = (positions: readonly number[], index: number): Place => [
  positions[3 * index]!,
  positions[3 * index + 1]!,
  positions[3 * index + 2]!,
];

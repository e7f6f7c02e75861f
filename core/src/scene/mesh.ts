import earcut from 'earcut';
import { inward, place, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';

/** A place in the room, mm: x and y as in plan, z up from the finished floor. */
export type Place = readonly [x: number, y: number, z: number];

/** Triangles with their normals and places on a texture, in the room's millimetres: three numbers a corner, two of them on the texture. Walked counter-clockwise as seen from outside. */
export interface Mesh {
  positions: number[];
  normals: number[];
  uvs: number[];
  indices: number[];
}

export const emptyMesh = (): Mesh => ({ positions: [], normals: [], uvs: [], indices: [] });

/** An upright frame in plan: a place, the direction along it and the one out of it, square to that. */
export interface Frame {
  origin: Point;
  u: Point;
  n: Point;
}

/** A place in a frame: so far along, out and up, mm. */
export function at({ origin, u, n }: Frame, along: number, out: number, up: number): Place {
  const { x, y } = place(origin, u, along, n, out);
  return [x, y, up];
}

/** Adds a flat convex face, its corners counter-clockwise as seen from outside; its normal follows from them unless given for each. */
export function addFace(mesh: Mesh, corners: readonly Place[], normals?: readonly Place[]): void {
  const own = normalOf(corners);
  const first = mesh.positions.length / 3;
  corners.forEach((corner, index) => {
    mesh.positions.push(...corner);
    mesh.normals.push(...(normals?.[index] ?? own));
    mesh.uvs.push(...onTexture(corner, own));
  });
  for (let i = 1; i + 1 < corners.length; i++) mesh.indices.push(first, first + i, first + i + 1);
}

/** Adds the level faces of a polygon with holes at a height, looking up or down. */
function addLevel(mesh: Mesh, ring: Polygon, holes: readonly Polygon[], up: number, looksUp: boolean): void {
  const rings = [ring, ...holes];
  const starts: number[] = [];
  let count = ring.length;
  for (const hole of holes) {
    starts.push(count);
    count += hole.length;
  }
  const first = mesh.positions.length / 3;
  for (const { x, y } of rings.flat()) {
    mesh.positions.push(x, y, up);
    mesh.normals.push(0, 0, looksUp ? 1 : -1);
    mesh.uvs.push(x, y);
  }
  const flat = rings.flat();
  const triangles = earcut(
    flat.flatMap(({ x, y }) => [x, y]),
    starts,
  );
  for (let i = 0; i < triangles.length; i += 3) {
    const [a, b, c] = triangles.slice(i, i + 3) as [number, number, number];
    const turnsLeft = signedArea([flat[a]!, flat[b]!, flat[c]!]) > 0;
    if (turnsLeft === looksUp) mesh.indices.push(first + a, first + b, first + c);
    else mesh.indices.push(first + a, first + c, first + b);
  }
}

/** What stands on a polygon with holes, between two heights; its sides rounded where they belong to one curve. */
export function prism(
  ring: Polygon,
  low: number,
  high: number,
  { holes = [], round = false }: { holes?: readonly Polygon[]; round?: boolean } = {},
): Mesh {
  const mesh = emptyMesh();
  const outer = turned(ring, true);
  const inner = holes.map((hole) => turned(hole, false));
  for (const wall of [outer, ...inner]) addSides(mesh, wall, low, wall, high, round);
  addLevel(mesh, outer, inner, low, false);
  addLevel(mesh, outer, inner, high, true);
  return mesh;
}

/** What goes evenly from one polygon to another of as many corners, at two heights, its sides rounded. */
export function loft(from: Polygon, low: number, to: Polygon, high: number): Mesh {
  const mesh = emptyMesh();
  const [a, b] = [turned(from, true), turned(to, true)];
  addSides(mesh, a, low, b, high, true);
  addLevel(mesh, a, [], low, false);
  addLevel(mesh, b, [], high, true);
  return mesh;
}

/** What goes evenly from polygon to polygon of as many corners, each at its height and counter-clockwise, with upright holes through it. */
export function stacked(
  layers: readonly { ring: Polygon; up: number }[],
  holes: readonly Polygon[] = [],
): Mesh {
  const mesh = emptyMesh();
  const [bottom, top] = [layers[0]!, layers.at(-1)!];
  const inner = holes.map((hole) => turned(hole, false));
  for (const [index, { ring, up }] of layers.slice(1).entries())
    addSides(mesh, layers[index]!.ring, layers[index]!.up, ring, up, false);
  for (const wall of inner) addSides(mesh, wall, bottom.up, wall, top.up, false);
  addLevel(mesh, bottom.ring, inner, bottom.up, false);
  addLevel(mesh, top.ring, inner, top.up, true);
  return mesh;
}

/** A path in plan that a cross section is swept along: at every place of it the way out, so many times as far as the section says, and to which side of the path that is. */
export interface Sweep {
  path: readonly Point[];
  out: readonly Point[];
  outside: 'left' | 'right';
}

/** A cross section (x out of a path, y up; counter-clockwise) swept along the path and closed at both ends. */
export function swept(shape: readonly Point[], { path, out, outside }: Sweep): Mesh {
  const mesh = emptyMesh();
  const sections = path.map((at, index) =>
    shape.map(({ x, y }): Place => [at.x + out[index]!.x * x, at.y + out[index]!.y * x, y]),
  );
  // With what is out to the right, who sees the section counter-clockwise stands at the start of the path.
  const away = outside === 'right';
  for (let index = 1; index < sections.length; index++) {
    const [from, to] = [sections[index - 1]!, sections[index]!];
    for (let i = 0; i < shape.length; i++) {
      const j = (i + 1) % shape.length;
      const corners = [from[i]!, from[j]!, to[j]!, to[i]!];
      addFace(mesh, away ? corners.reverse() : corners);
    }
  }
  const caps = earcut(shape.flatMap(({ x, y }) => [x, y]));
  for (const [section, back] of [
    [sections[0]!, away],
    [sections.at(-1)!, !away],
  ] as const)
    for (let i = 0; i < caps.length; i += 3) {
      const [a, b, c] = caps.slice(i, i + 3) as [number, number, number];
      const turnsLeft = signedArea([shape[a]!, shape[b]!, shape[c]!]) > 0;
      const corners = [section[a]!, section[b]!, section[c]!];
      addFace(mesh, turnsLeft === back ? corners : corners.reverse());
    }
  return mesh;
}

/** A polygon walked counter-clockwise, or clockwise. */
function turned(ring: Polygon, left: boolean): Point[] {
  return signedArea(ring) > 0 === left ? [...ring] : [...ring].reverse();
}

const isOne = (a: Point, b: Point): boolean => a.x === b.x && a.y === b.y;

function addSides(mesh: Mesh, from: Polygon, low: number, to: Polygon, high: number, round: boolean): void {
  const count = from.length;
  const out = (index: number): Place => {
    const [a, b] = [from[(index + count - 1) % count]!, from[(index + 1) % count]!];
    const size = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    return [(b.y - a.y) / size, (a.x - b.x) / size, 0];
  };
  for (let i = 0; i < count; i++) {
    const j = (i + 1) % count;
    // Where two corners are one there is no side.
    if (isOne(from[i]!, from[j]!) && isOne(to[i]!, to[j]!)) continue;
    const corners: Place[] = [
      [from[i]!.x, from[i]!.y, low],
      [from[j]!.x, from[j]!.y, low],
      [to[j]!.x, to[j]!.y, high],
      [to[i]!.x, to[i]!.y, high],
    ];
    addFace(mesh, corners, round ? [out(i), out(j), out(j), out(i)] : undefined);
  }
}

/** A box in a frame, between two places along, out and up. */
export function box(
  frame: Frame,
  [left, right]: readonly [number, number],
  [back, front]: readonly [number, number],
  [low, high]: readonly [number, number],
): Mesh {
  const { origin, u, n } = frame;
  const corner = (along: number, out: number) => place(origin, u, along, n, out);
  return prism(
    [corner(left, back), corner(right, back), corner(right, front), corner(left, front)],
    low,
    high,
  );
}

/** A level face that looks up, at a height. */
export function level(ring: Polygon, up: number, holes: readonly Polygon[] = []): Mesh {
  const mesh = emptyMesh();
  addLevel(
    mesh,
    turned(ring, true),
    holes.map((hole) => turned(hole, false)),
    up,
    true,
  );
  return mesh;
}

/** A flat face that stands upright and looks out of a frame: a polygon along and up in it, so far out. */
export function upright(frame: Frame, ring: Polygon, out: number, holes: readonly Polygon[] = []): Mesh {
  return stoodUp(frame, level(ring, out, holes));
}

/** A flat shape that stands upright: a polygon along and up in a frame, with holes, from one distance out to another. */
export function slab(
  frame: Frame,
  ring: Polygon,
  [back, front]: readonly [number, number],
  { holes = [], round = false }: { holes?: readonly Polygon[]; round?: boolean } = {},
): Mesh {
  return stoodUp(frame, prism(ring, back, front, { holes, round }));
}

/** What was made lying on its back, stood up: along, up, out become places and directions of the room. */
function stoodUp(frame: Frame, lying: Mesh): Mesh {
  const { u, n } = frame;
  const mesh = emptyMesh();
  const stood = (x: number, y: number, z: number): Place => [u.x * x + n.x * z, u.y * x + n.y * z, y];
  for (let i = 0; i < lying.positions.length; i += 3) {
    const [x, y, z] = lying.positions.slice(i, i + 3) as [number, number, number];
    mesh.positions.push(...at(frame, x, z, y));
    const normal = stood(...(lying.normals.slice(i, i + 3) as [number, number, number]));
    mesh.normals.push(...normal);
    mesh.uvs.push(...onTexture([x, z, y], [0, 1, 0]));
  }
  // The frame's directions along, up and out make a right-handed system only where out lies left of along.
  const rightHanded = Math.abs(n.x - -inward(u).x) < 1e-6 && Math.abs(n.y - -inward(u).y) < 1e-6;
  for (let i = 0; i < lying.indices.length; i += 3) {
    const [a, b, c] = lying.indices.slice(i, i + 3) as [number, number, number];
    mesh.indices.push(...(rightHanded ? [a, c, b] : [a, b, c]));
  }
  return mesh;
}

/** Some meshes as one. */
export function joined(...meshes: readonly Mesh[]): Mesh {
  const all = emptyMesh();
  for (const mesh of meshes) {
    const first = all.positions.length / 3;
    for (const one of mesh.positions) all.positions.push(one);
    for (const one of mesh.normals) all.normals.push(one);
    for (const one of mesh.uvs) all.uvs.push(one);
    for (const one of mesh.indices) all.indices.push(first + one);
  }
  return all;
}

/** The same mesh, its places on a texture laid so that what runs up the texture runs along a direction of the room on every face that does not look along it. */
export function grained(mesh: Mesh, way: Place): Mesh {
  const { positions, normals } = mesh;
  const uvs: number[] = [];
  for (let i = 0; i < positions.length; i += 3) {
    const [x, y, z] = positions.slice(i, i + 3) as [number, number, number];
    const [nx, ny, nz] = normals.slice(i, i + 3) as [number, number, number];
    const faces = nx * way[0] + ny * way[1] + nz * way[2];
    const [gx, gy, gz] = [way[0] - nx * faces, way[1] - ny * faces, way[2] - nz * faces];
    const size = Math.hypot(gx, gy, gz);
    if (size < 0.1) {
      // End grain.
      uvs.push(...onTexture([x, y, z], [nx, ny, nz]));
      continue;
    }
    const up = (x * gx + y * gy + z * gz) / size;
    const across = (x * (ny * gz - nz * gy) + y * (nz * gx - nx * gz) + z * (nx * gy - ny * gx)) / size;
    uvs.push(across, up);
  }
  return { ...mesh, uvs };
}

/** What a closed mesh holds, mm³ (divergence theorem over its triangles); negative where it is inside out. */
export function volumeOf({ positions, indices }: Mesh): number {
  let sum = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => positions.slice(indices[i + k]! * 3, indices[i + k]! * 3 + 3)) as [
      number[],
      number[],
      number[],
    ];
    sum +=
      a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) +
      a[1]! * (b[2]! * c[0]! - b[0]! * c[2]!) +
      a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
  }
  return sum / 6;
}

/** The normal of a flat face (Newell's method). */
function normalOf(corners: readonly Place[]): Place {
  let [x, y, z] = [0, 0, 0];
  corners.forEach((a, index) => {
    const b = corners[(index + 1) % corners.length]!;
    x += (a[1] - b[1]) * (a[2] + b[2]);
    y += (a[2] - b[2]) * (a[0] + b[0]);
    z += (a[0] - b[0]) * (a[1] + b[1]);
  });
  const size = Math.hypot(x, y, z) || 1;
  return [x / size, y / size, z / size];
}

/** Where a place lies on a texture, mm: of a level face as in plan, of an upright one along it and up. */
function onTexture([x, y, z]: Place, [nx, ny, nz]: Place): [number, number] {
  if (Math.abs(nz) > 0.7) return [x, y];
  return [x * -ny + y * nx, z];
}

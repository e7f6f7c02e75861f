import { add, cross, place, scale, subtract, type Point } from '../geometry/point';
import type { PlacedFace } from './room-shape';

/** The outside of the walls, corner by corner: where the backs of neighbouring walls meet, or both their ends where they run in line. */
export function wallBacks(faces: readonly PlacedFace[]): { before: Point; after: Point }[] {
  return faces.map((face, index) => {
    const before = faces.at(index - 1)!;
    const turn = cross(before.u, face.u);
    const a = place(before.end, before.u, 0, before.n, -before.thickness);
    const b = place(face.start, face.u, 0, face.n, -face.thickness);
    if (Math.abs(turn) < 1e-6) return { before: a, after: b };
    const met = add(a, scale(before.u, cross(subtract(b, a), face.u) / turn));
    return { before: met, after: met };
  });
}

/** The ground each wall takes up, in plan: its face, and its back. */
export function wallQuads(faces: readonly PlacedFace[]): Point[][] {
  const backs = wallBacks(faces);
  return faces.map((face, index) => [
    face.start,
    face.end,
    backs[(index + 1) % faces.length]!.before,
    backs[index]!.after,
  ]);
}

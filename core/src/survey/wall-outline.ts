import { lineMeetsCircle, circlesMeet, type Circle } from '../geometry/circle';
import { add, cross, distance, place, scale, subtract, type Point } from '../geometry/point';
import { alongArc, facePath, fromCentre, frameAt, type FaceFrame, type PlacedFace } from './placed-face';

/** Ends of backs that meet farther from each other than so many thicknesses are left apart. */
const FAR = 6;

/** The outside of the walls, corner by corner: where the backs of neighbouring walls meet, or both their ends where they run in line. */
export function wallBacks(faces: readonly PlacedFace[]): { before: Point; after: Point }[] {
  return faces.map((face, index) => {
    const before = faces.at(index - 1)!;
    const [end, start] = [frameAt(before, before.length), frameAt(face, 0)];
    const a = place(end.at, end.n, -before.thickness, end.u, 0);
    const b = place(start.at, start.n, -face.thickness, start.u, 0);
    const met = meeting(before, face, { ...end, at: a }, { ...start, at: b });
    return met ? { before: met, after: met } : { before: a, after: b };
  });
}

/** Where the backs of two neighbours meet, each known by its end and direction there; null where they do not. */
function meeting(before: PlacedFace, face: PlacedFace, end: FaceFrame, start: FaceFrame): Point | null {
  const turn = cross(end.u, start.u);
  const straight =
    Math.abs(turn) < 1e-6
      ? null
      : add(end.at, scale(end.u, cross(subtract(start.at, end.at), start.u) / turn));
  const [first, second] = [backCircle(before), backCircle(face)];
  if (!first && !second) return straight;
  const found = first
    ? second
      ? circlesMeet(first, second)
      : lineMeetsCircle(start.at, start.u, first)
    : lineMeetsCircle(end.at, end.u, second!);
  const near = straight ?? end.at;
  const [met] = [...found].sort((p, q) => distance(p, near) - distance(q, near));
  const reach = FAR * Math.max(before.thickness, face.thickness);
  return met && distance(met, face.start) < reach ? met : null;
}

/** The circle the back of a bent wall runs on; null for a straight one, and for one so tight that its back has no bend. */
function backCircle({ arc, thickness }: PlacedFace): Circle | null {
  if (!arc) return null;
  const radius = fromCentre(arc, -thickness);
  return radius > 0 ? { centre: arc.centre, radius } : null;
}

/** The way along the back of each wall, left to right. */
function backPaths(faces: readonly PlacedFace[]): Point[][] {
  const backs = wallBacks(faces);
  return faces.map((face, index) => {
    const [from, to] = [backs[index]!.after, backs[(index + 1) % faces.length]!.before];
    const circle = backCircle(face);
    if (!circle) return [from, to];
    const along = ({ x, y }: Point) => alongArc(face, Math.atan2(y - circle.centre.y, x - circle.centre.x));
    return [from, ...facePath(face, along(from), along(to), -face.thickness).slice(1, -1), to];
  });
}

/** The ground each wall takes up, in plan: its face, and its back. */
export function wallRings(faces: readonly PlacedFace[]): Point[][] {
  return backPaths(faces).map((back, index) => [...facePath(faces[index]!), ...back.reverse()]);
}

/** The outside of all walls together. */
export function wallOutside(faces: readonly PlacedFace[]): Point[] {
  return backPaths(faces)
    .flat()
    .filter((point, index, all) => point !== all.at(index - 1));
}

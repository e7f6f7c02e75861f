import { add, direction, distance, dot, length, scale, subtract, type Point } from '../geometry/point';
import { randomFrom } from '../geometry/random';
import type { LoopFace } from './solve-loop';

/** What walking the faces as given fails to close by: where the end comes to lie from the start, mm, and the sum of the corners, radians. */
export interface Misclosure {
  x: number;
  y: number;
  length: number;
  angle: number;
}

/** Walks the faces as given; what fails to close is spread along the way so that the start for the adjustment closes. */
export function traverse(
  faces: readonly Pick<LoopFace, 'length'>[],
  corners: readonly number[],
): { corners: Point[]; misclosure: Misclosure } {
  const walked: Point[] = [{ x: 0, y: 0 }];
  let heading = 0;
  faces.forEach((face, index) => {
    if (index > 0) heading -= Math.PI - corners[index]!;
    walked.push(add(walked[index]!, scale(direction(heading), face.length)));
  });
  const gap = walked.pop()!;
  const total = faces.reduce((sum, face) => sum + face.length, 0);
  let run = 0;
  const closed = walked.map((corner, index) => {
    const moved = subtract(corner, scale(gap, run / total));
    run += faces[index]!.length;
    return moved;
  });
  const angle = corners.reduce((sum, corner) => sum + corner, 0) - (corners.length - 2) * Math.PI;
  return { corners: inFrame(closed), misclosure: { ...gap, length: length(gap), angle } };
}

/** Assumed corners that share out what the sum of all corners is off by: measured ones stay as they are. */
export function closingCorners(faces: readonly LoopFace[], corners: readonly number[]): number[] {
  const free = faces.filter(({ cornerStanding }) => cornerStanding !== 'measured').length;
  const off = (faces.length - 2) * Math.PI - corners.reduce((sum, corner) => sum + corner, 0);
  return corners.map((corner, index) =>
    faces[index]!.cornerStanding === 'measured' ? corner : Math.min(6, Math.max(0.2, corner + off / free)),
  );
}

/**
 * Ever other starts for an adjustment that the given corners led astray, always the same ones: assumed corners that close, all alike,
 * or anywhere within a right angle or so; and one of the best shapes so far (the best first), mostly one of the first, with a part of it
 * folded over, or one corner where the measured values fix them all: what is known by lengths can lie to either side of what these are taped from.
 */
export function* otherStarts(
  faces: readonly LoopFace[],
  shapes: () => readonly (readonly Point[])[],
  isFixed = true,
) {
  const random = randomFrom(faces.length);
  const given = faces.map(({ corner }) => corner);
  const alike = (Math.PI * (faces.length - 2)) / faces.length;
  const away = (from: (index: number) => number, by: number) =>
    walkedFrom((index) => from(index) + (2 * random() - 1) * by);
  const walkedFrom = (corner: (index: number) => number): Point[] => {
    const corners = faces.map((face, index) =>
      face.cornerStanding === 'measured' ? face.corner : corner(index),
    );
    return traverse(faces, closingCorners(faces, corners)).corners;
  };
  yield { start: traverse(faces, given).corners, folded: false };
  yield { start: walkedFrom((index) => given[index]!), folded: false };
  yield { start: walkedFrom(() => alike), folded: false };
  for (let round = 3; ; round++) {
    if (round % 3 !== 0) {
      const best = shapes();
      const shape = best[Math.floor(random() ** 2 * best.length)]!;
      yield { start: (isFixed && round % 3 === 2 ? laidOver : folded)(shape, random), folded: true };
    } else
      yield {
        start: away(round % 2 ? (index) => given[index]! : () => alike, round % 2 ? 0.6 * Math.PI : 1.2),
        folded: false,
      };
  }
}

/** A loop with the part between two of its corners laid over to the other side of the line between them. */
function folded(corners: readonly Point[], random: () => number): Point[] {
  const count = corners.length;
  const first = Math.floor(random() * count);
  const span = 2 + Math.floor(random() * (count - 2));
  const over = overLine(corners[first]!, corners[(first + span) % count]!);
  return inFrame(
    corners.map((corner, index) => {
      const step = (index - first + count) % count;
      return step === 0 || step >= span ? corner : over(corner);
    }),
  );
}

/** A loop with one of its corners laid over to the other side of the line between two others. */
function laidOver(corners: readonly Point[], random: () => number): Point[] {
  const count = corners.length;
  const [one, by] = [Math.floor(random() * count), 1 + Math.floor(random() * (count - 1))];
  const next = 1 + ((by + Math.floor(random() * (count - 2))) % (count - 1));
  const over = overLine(corners[(one + by) % count]!, corners[(one + next) % count]!);
  return inFrame(corners.map((corner, index) => (index === one ? over(corner) : corner)));
}

/** Lays a place over to the other side of a line. */
function overLine(a: Point, b: Point): (place: Point) => Point {
  const u = scale(subtract(b, a), 1 / Math.max(distance(a, b), 1e-9));
  return (place) => subtract(scale(add(a, scale(u, dot(subtract(place, a), u))), 2), place);
}

/** A loop in its frame seen from below: the same lengths, walked the other way round. */
export const mirrored = (corners: readonly Point[]): Point[] => corners.map(({ x, y }) => ({ x, y: -y }));

/** A loop with its first corner at the origin and its first face along +x. */
function inFrame(corners: readonly Point[]): Point[] {
  const origin = corners[0]!;
  const along = subtract(corners[1]!, origin);
  const u = direction(-Math.atan2(along.y, along.x));
  return corners.map((corner, index) => {
    const { x, y } = subtract(corner, origin);
    return { x: x * u.x - y * u.y, y: index < 2 ? 0 : x * u.y + y * u.x };
  });
}

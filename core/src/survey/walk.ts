import { add, cross, direction, distance, dot, scale, subtract, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { LEAST_CORNER, MOST_CORNER } from '../document/limits';
import { SAME_PLACE } from '../geometry/tolerance';
import { ok, refuse, type Result } from '../result';
import { wrapAngle } from '../units/angles';
import type { NewFace } from './make-room';
import { faceLine, facePath } from './placed-face';

/** A face as it is walked: its length, mm, its direction, radians, and whether that was typed as a turn or only pointed. */
export interface WalkedFace {
  length: number;
  heading: number;
  typed: boolean;
  /** How far its middle stands off to the left of the way it is walked, mm, where it is bent. */
  bend?: number;
}

/** What a pointed direction or length was drawn to. */
export type WalkCatch = 'square' | 'parallel' | 'diagonal' | 'level' | 'start';

export interface Aim {
  heading: number;
  /** Length to the pointer along the heading, mm. */
  length: number;
  caught: WalkCatch[];
}

/** How near a pointed direction must be to one of note to be drawn to it, radians. */
const DRAWN = (6 * Math.PI) / 180;

/** The places of a walk: its start, and the end of each face. */
export function walkedPlaces(faces: readonly WalkedFace[]): Point[] {
  const places: Point[] = [{ x: 0, y: 0 }];
  for (const { length, heading } of faces)
    places.push(add(places.at(-1)!, scale(direction(heading), length)));
  return places;
}

/** The way that was walked, bent faces as lines of chords. */
export function walkedPath(faces: readonly WalkedFace[]): Point[] {
  const places = walkedPlaces(faces);
  return faces.reduce(
    (path, { bend }, index) => [
      ...path,
      ...facePath(faceLine(places[index]!, places[index + 1]!, bend)).slice(1),
    ],
    places.slice(0, 1),
  );
}

/**
 * Where the next face runs when the pointer is at a place: drawn to square with the last face, to a diagonal, to parallel with an
 * earlier face, and in length to level with the start, or to the start itself, within `near` mm.
 */
export function aim(faces: readonly WalkedFace[], pointer: Point, near: number): Aim {
  const places = walkedPlaces(faces);
  const [start, from] = [places[0]!, places.at(-1)!];
  if (faces.length >= 2 && distance(pointer, start) <= near) {
    const back = subtract(start, from);
    return { heading: Math.atan2(back.y, back.x), length: Math.hypot(back.x, back.y), caught: ['start'] };
  }
  const away = subtract(pointer, from);
  const pointed = Math.atan2(away.y, away.x);
  const caught: WalkCatch[] = [];
  const last = faces.at(-1)?.heading ?? 0;
  const candidates: [number, WalkCatch][] = [
    ...[0, 1, 2, 3].map((quarter): [number, WalkCatch] => [last + (quarter * Math.PI) / 2, 'square']),
    ...faces.flatMap(({ heading }): [number, WalkCatch][] => [
      [heading, 'parallel'],
      [heading + Math.PI, 'parallel'],
    ]),
    ...[1, 3, 5, 7].map((eighth): [number, WalkCatch] => [last + (eighth * Math.PI) / 4, 'diagonal']),
  ];
  let heading = pointed;
  let best = DRAWN;
  for (const [candidate, kind] of candidates) {
    const off = Math.abs(wrapAngle(candidate - pointed));
    if (off >= best - 1e-9) continue;
    best = off;
    heading = wrapAngle(candidate);
    caught[0] = kind;
  }
  const way = direction(heading);
  let length = Math.max(0, dot(away, way));
  for (const [first] of levelLines(faces)) {
    const turn = cross(way, first!);
    if (Math.abs(turn) < 0.2) continue;
    const level = cross(subtract(start, from), first!) / turn;
    if (level > 0 && Math.abs(level - length) <= near) {
      length = level;
      caught.push('level');
      break;
    }
  }
  return { heading, length, caught };
}

/** Directions through the start that an end can be level with: along the first face, and square to it. */
function levelLines(faces: readonly WalkedFace[]): [Point][] {
  const first = faces[0]?.heading ?? 0;
  return [[direction(first)], [direction(first + Math.PI / 2)]];
}

/** The direction after a typed turn: degrees to the right are positive, as one walks. */
export function turned(faces: readonly WalkedFace[], turn: number): number {
  return wrapAngle((faces.at(-1)?.heading ?? 0) - turn);
}

/** By how much a walk misses its start, mm. */
export function walkGap(faces: readonly WalkedFace[]): number {
  const places = walkedPlaces(faces);
  return distance(places[0]!, places.at(-1)!);
}

/**
 * The faces of the room that was walked, clockwise whichever way round it was drawn. A walk that misses its start is closed by
 * one more face whose length follows (`close`), or what is missing is shared out over the measurements (`share`).
 */
export function walkToFaces(faces: readonly WalkedFace[], gap: 'close' | 'share'): Result<NewFace[]> {
  const places = walkedPlaces(faces);
  const closed = distance(places[0]!, places.at(-1)!) <= SAME_PLACE;
  const walked: (WalkedFace & { measured: boolean })[] = faces.map((face) => ({ ...face, measured: true }));
  if (!closed && gap === 'close') {
    const back = subtract(places[0]!, places.at(-1)!);
    const heading = Math.atan2(back.y, back.x);
    walked.push({ length: Math.hypot(back.x, back.y), heading, typed: false, measured: false });
  }
  const least = 3;
  if (walked.length < least) return refuse('faces-too-few', { least });
  const corners = walkedPlaces(walked).slice(0, walked.length);
  const clockwise = signedArea(corners) < 0 ? walked : reversed(walked);
  return ok(
    clockwise.map((face, index) => {
      const before = clockwise.at(index - 1)!;
      const corner = Math.PI + wrapAngle(face.heading - before.heading);
      return {
        length: face.length,
        measured: face.measured,
        corner: Math.min(MOST_CORNER, Math.max(LEAST_CORNER, corner)),
        // The corner at the start closes the walk: it was never turned by hand.
        cornerMeasured: index > 0 && face.typed,
        ...(face.bend ? { bend: face.bend } : {}),
      };
    }),
  );
}

/** The same walk the other way round, from the same start: the turn between two faces belongs to the later one. */
function reversed<F extends WalkedFace>(faces: readonly F[]): F[] {
  return faces
    .map((face, index) => ({
      ...face,
      heading: wrapAngle(face.heading + Math.PI),
      typed: faces[index + 1]?.typed ?? false,
      ...(face.bend ? { bend: -face.bend } : {}),
    }))
    .reverse();
}

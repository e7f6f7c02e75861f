import { distance, type Point } from '../src/geometry/point';
import { insideAngle } from '../src/survey/observations';
import { faceLetter } from '../src/survey/room-shape';
import type { LoopDistance, LoopFace } from '../src/survey/solve-loop';

/** A small repeatable random number generator (mulberry32), 0 to 1. */
export function randomFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Normally distributed numbers of unit variance (Box–Muller). */
export function normalFrom(seed: number): () => number {
  const random = randomFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** A star-shaped room of `count` corners, clockwise, in the survey's datum: first corner the origin, first face along +x. Lengths mm. */
export function trueRoom(count: number, seed: number): Point[] {
  const random = randomFrom(seed);
  const corners = Array.from({ length: count }, (_, index): Point => {
    const turn = -((index + 0.5 * random()) / count) * 2 * Math.PI;
    const radius = count * 120 * (0.8 + 0.4 * random());
    return { x: radius * Math.cos(turn), y: radius * Math.sin(turn) };
  });
  return inDatum(corners);
}

/** The same loop moved and turned so that its first corner is the origin and its first face runs along +x. */
export function inDatum(corners: readonly Point[]): Point[] {
  const [origin, next] = [corners[0]!, corners[1]!];
  const size = distance(origin, next);
  const u = { x: (next.x - origin.x) / size, y: (next.y - origin.y) / size };
  return corners.map(({ x, y }) => ({
    x: (x - origin.x) * u.x + (y - origin.y) * u.y,
    y: -(x - origin.x) * u.y + (y - origin.y) * u.x,
  }));
}

/** Lengths and corners of a known room as they would be measured, each off by `error()` standard deviations. */
export function measuredFaces(corners: readonly Point[], error = () => 0): LoopFace[] {
  const count = corners.length;
  return corners.map((at, index) => ({
    id: `face-${index}`,
    name: faceLetter(index),
    length: distance(at, corners[(index + 1) % count]!) + 2 * error(),
    lengthStanding: 'measured',
    lengthSigma: 2,
    corner:
      insideAngle(corners[(index - 1 + count) % count]!, at, corners[(index + 1) % count]!) + 0.004 * error(),
    cornerStanding: 'measured',
    cornerSigma: 0.004,
  }));
}

/** A diagonal of a known room between two corners. */
export function diagonal(corners: readonly Point[], from: number, to: number, off = 0): LoopDistance {
  return {
    id: `measurement-${from}-${to}`,
    name: `${from} to ${to}`,
    from: { face: from, from: 'left', distance: 0 },
    to: { face: to, from: 'left', distance: 0 },
    length: distance(corners[from]!, corners[to]!) + off,
    standing: 'measured',
    sigma: 2,
  };
}

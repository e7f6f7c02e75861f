import { distance, type Point } from '../src/geometry/point';
import { randomFrom } from '../src/geometry/random';
import { must } from '../src/result';
import { rankOf } from '../src/survey/loop-rank';
import { insideAngle, type Observation } from '../src/survey/observations';
import { faceLetter } from '../src/survey/face-letters';
import { solveLoop, type LoopDistance, type LoopFace } from '../src/survey/solve-loop';

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

/** A room determined by what is measured of it, in one of four ways, and its other corners anything up to `off` radians from the truth. */
export function determinedRoom(count: number, seed: number, off: number, error = () => 0) {
  const random = randomFrom(seed);
  const truth = trueRoom(count, seed);
  const exact = measuredFaces(truth, error);
  const pairs = truth.flatMap((_, a) => truth.map((__, b) => [a, b] as const));
  const diagonals = pairs
    .filter(([a, b]) => b > a + 1 && !(a === 0 && b === count - 1))
    .map(([a, b]) => diagonal(truth, a, b, 2 * error()));
  const named = must(solveLoop(exact, diagonals)).observations;
  const of = (what: Observation['of']) => named.filter((one) => one.of === what);
  const shuffled = <T>(several: T[]) =>
    several
      .map((one) => [random(), one] as const)
      .sort(([a], [b]) => a - b)
      .map(([, one]) => one);
  const pool = [
    [...of('length'), ...shuffled(of('corner'))],
    [...of('length'), ...shuffled(of('distance'))],
    shuffled(named),
    [...shuffled(of('corner')).slice(0, count / 2), ...of('length'), ...shuffled(of('distance'))],
  ][seed % 4]!;
  const chosen: Observation[] = [];
  for (const one of pool) if (rankOf(truth, [...chosen, one], 1e-2) > chosen.length) chosen.push(one);
  const isChosen = (one: Observation) => chosen.some((other) => other.of === one.of && other.id === one.id);
  const faces = exact.map((face, index): LoopFace => {
    const [corner, length] = [of('corner')[index]!, of('length')[index]!];
    const guess = face.corner + (isChosen(corner) ? 0 : (2 * random() - 1) * off);
    return {
      ...face,
      corner: Math.min(6.2, Math.max(0.06, guess)),
      cornerStanding: isChosen(corner) ? 'measured' : 'assumed',
      lengthStanding: isChosen(length) ? 'measured' : 'excluded',
    };
  });
  const distances = diagonals.filter(({ id }) =>
    chosen.some((one) => one.of === 'distance' && one.id === id),
  );
  return { truth, faces, distances, determined: chosen.length === 2 * count - 3, spare: diagonals };
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { determinedRoom, diagonal, measuredFaces, normalFrom, trueRoom } from '../../testing/surveys';
import { distance } from '../geometry/point';
import { crossingEdges, signedArea } from '../geometry/polygon';
import { randomFrom } from '../geometry/random';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { adjustLoop, costOf } from './adjust-loop';
import { rankOf } from './loop-rank';
import { computedValue, difference } from './observations';
import { solveLoop, type LoopDistance, type LoopFace } from './solve-loop';

/** The same room with its assumed corners taken for others. */
const assuming = (faces: readonly LoopFace[], by: (index: number) => number): LoopFace[] =>
  faces.map((face, index) =>
    face.cornerStanding === 'assumed' ? { ...face, corner: face.corner + by(index) } : face,
  );

describe('corners that are only assumed', () => {
  it('never keep a determined room from being solved, whatever they are assumed to be', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 14 }), fc.nat(1e6), (count, seed) => {
        const { faces, distances, determined } = determinedRoom(count, seed, Math.PI / 2);
        fc.pre(determined);
        const { corners, observations } = must(solveLoop(faces, distances));
        for (const one of observations.filter(({ standing }) => standing === 'measured'))
          expect(Math.abs(difference(corners, one))).toBeLessThan(1e-6);
        expect(crossingEdges(corners)).toBeNull();
        expect(signedArea(corners)).toBeLessThan(0);
      }),
      { numRuns: 120 },
    );
  });

  it.each([
    [7, 100_493],
    [13, 105_437],
    [14, 105_469],
    [14, 107_361],
    [4, 110_374],
    [11, 113_150],
    [5, 114_454],
  ])('never lead astray for good: a room of %i corners, known by little more than lengths', (count, seed) => {
    // The room walked the other way round has the same lengths, and much that crosses itself has nearly.
    const { faces, distances } = determinedRoom(count, seed, Math.PI / 2);
    const { corners, observations } = must(solveLoop(faces, distances));
    for (const one of observations.filter(({ standing }) => standing === 'measured'))
      expect(Math.abs(difference(corners, one))).toBeLessThan(1e-6);
    expect(crossingEdges(corners)).toBeNull();
    expect(signedArea(corners)).toBeLessThan(0);
  });

  it('do not move measured values: to 1e-9 mm the same, with something to spare and without; to 1e-6 where they hardly determine the shape', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 14 }), fc.nat(1e6), fc.boolean(), (count, seed, spare) => {
        const error = spare ? normalFrom(seed) : () => 0;
        const room = determinedRoom(count, seed, 0.3, error);
        fc.pre(room.determined);
        const extra = room.spare.filter((one) => !room.distances.includes(one)).slice(0, 3);
        const distances = spare ? [...room.distances, ...extra] : room.distances;
        const random = randomFrom(seed + 1);
        let least = 1e-9;
        const shape = (faces: readonly LoopFace[]) => {
          const solved = solveLoop(faces, distances);
          fc.pre(solved.ok);
          const { corners, observations } = must(solved);
          const measured = observations.filter(({ standing }) => standing === 'measured');
          // Errors can lay a corner on the straight line between its neighbours, where nothing determines it any more.
          fc.pre(rankOf(corners, measured, 5e-2) === 2 * count - 3);
          if (rankOf(corners, measured, 0.2) < 2 * count - 3) least = 1e-6;
          const values = measured.map((one) => computedValue(corners, one));
          // Whatever led there, the measured values alone would leave it where it is.
          const alone = adjustLoop(corners, measured);
          expect(alone.settled).toBe(true);
          measured.forEach((one, index) =>
            expect(Math.abs(values[index]! - computedValue(alone.corners, one))).toBeLessThan(least),
          );
          return { values, cost: costOf(corners, measured) };
        };
        const [one, other] = [room.faces, assuming(room.faces, () => 0.05 * (random() - 0.5))].map(shape);
        // Two shapes that measurements of some error both allow misfit differently; which is meant assumed corners tell.
        if (spare && Math.abs(one!.cost - other!.cost) > 1e-3 * (1 + one!.cost)) return;
        one!.values.forEach((value, index) =>
          expect(Math.abs(value - other!.values[index]!)).toBeLessThan(least),
        );
      }),
      {
        numRuns: 60,
        examples: [
          [9, 773_046, true],
          // A corner stands outward or inward: two shapes, of misfit 16.6 and 3.2 with three values to spare.
          [14, 911_613, true],
        ],
      },
    );
  });

  it('tell which of two shapes is meant: the one they are nearer to', () => {
    // Four lengths and one corner of a kite: the corner across stands outward or inward.
    const kite = (assumed: number) => {
      const corners = [Math.PI / 2, 2, assumed, 2];
      const faces = [3000, 2000, 2000, 3000].map((length, index): LoopFace => ({
        id: `face-${index}`,
        name: 'ABCD'[index]!,
        length,
        lengthStanding: 'measured',
        lengthSigma: 2,
        corner: corners[index]!,
        cornerStanding: index === 0 ? 'measured' : 'assumed',
        cornerSigma: 0.0035,
      }));
      faces[0]!.corner = 1.2;
      return must(solveLoop(faces)).corners;
    };
    const [outward, inward] = [kite(Math.PI / 2), kite(1.5 * Math.PI)];
    expect(distance(outward[0]!, outward[2]!)).toBeGreaterThan(distance(inward[0]!, inward[2]!) + 500);
    expect(-signedArea(outward)).toBeGreaterThan(-signedArea(inward));
  });
});

describe('a room that is not fixed yet', () => {
  const square = (change: Partial<LoopFace>[]): LoopFace[] =>
    [4000, 3000, 4010, 3000].map((length, index) => ({
      id: `face-${index}`,
      name: 'ABCD'[index]!,
      length,
      lengthStanding: 'measured',
      lengthSigma: 2,
      corner: Math.PI / 2,
      cornerStanding: 'measured',
      cornerSigma: 0.0035,
      ...change[index],
    }));
  const sentence = (faces: LoopFace[], distances: LoopDistance[] = []) => {
    const solved = solveLoop(faces, distances);
    return solved.ok ? '' : refusalText(solved.refusal);
  };
  const free = { lengthStanding: 'excluded' } as const;

  it('is judged at the shape it is given in, not where the adjustment runs away to', () => {
    // Parallel faces of unlike length: the others would have to be endless to meet both.
    expect(sentence(square([{}, free, {}, free]))).toBe(
      'The room is not fixed yet: 1 more measurement is needed. Measure face B or face D.',
    );
  });

  it('asks for corners and diagonals where no length is missing', () => {
    const believed = { cornerStanding: 'excluded' } as const;
    expect(sentence(square([believed, believed, believed, believed]))).toBe(
      'The room is not fixed yet: 1 more measurement is needed. Measure corner D/A or corner A/B or from D/A to B/C or from A/B to C/D.',
    );
    const truth = trueRoom(6, 3);
    const faces = measuredFaces(truth).map((face): LoopFace => ({ ...face, cornerStanding: 'excluded' }));
    expect(sentence(faces, [diagonal(truth, 0, 2), diagonal(truth, 2, 4)])).toMatch(
      /1 more measurement is needed. Measure corner/,
    );
  });
});

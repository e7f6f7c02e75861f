import { describe, expect, it } from 'vitest';
import { diagonal, measuredFaces, trueRoom } from '../../testing/surveys';
import { distance } from '../geometry/point';
import { must, type Refusal } from '../result';
import { solveLoop, type LoopDistance, type LoopFace } from './solve-loop';

const square = Math.PI / 2;
const room = (
  lengths: readonly number[],
  change: (index: number) => Partial<LoopFace> = () => ({}),
): LoopFace[] =>
  lengths.map((length, index) => ({
    ...{ id: `face-${index}`, name: 'ABCDEFGH'[index]!, length, lengthStanding: 'measured', lengthSigma: 2 },
    ...{ corner: square, cornerStanding: 'measured', cornerSigma: 0.004 },
    ...change(index),
  }));
const assumed = { cornerStanding: 'assumed' } as const;
const believed = { cornerStanding: 'excluded' } as const;
const free = { lengthStanding: 'excluded' } as const;
const tape = (
  from: number,
  to: number,
  length: number,
  change: Partial<LoopDistance> = {},
): LoopDistance => ({
  ...{ id: `${from}-${to}`, name: `${from} to ${to}`, length, standing: 'measured', sigma: 2 },
  from: { face: from, from: 'left', distance: 0 },
  to: { face: to, from: 'left', distance: 0 },
  ...change,
});
const refusal = (faces: readonly LoopFace[], distances: readonly LoopDistance[] = []): Refusal | null => {
  const solved = solveLoop(faces, distances);
  return solved.ok ? null : solved.refusal;
};
/** What is missing and what would help, in the words of a survey. */
const asked = (faces: readonly LoopFace[], distances: readonly LoopDistance[] = []) => {
  const found = refusal(faces, distances);
  if (found?.code !== 'survey-underdetermined') return found?.code ?? null;
  return [found.data.missing, ...found.data.measure.map(({ of, name }) => `${of} ${name}`)];
};
const rectangle = [4000, 3000, 4000, 3000];

describe('a solved loop', () => {
  it('has every value that was given, each under its name, in walking order and then the distances', () => {
    const faces = room([4000, 3000, 4010, 3005], (index) =>
      index === 2 ? { ...assumed, corner: 1.6, cornerSigma: 0.01, lengthSigma: 3 } : {},
    );
    const { observations, misclosure } = must(
      solveLoop(faces, [tape(0, 2, 5003, { sigma: 4 }), tape(1, 3, 9000, { standing: 'excluded' })]),
    );
    expect(observations.map(({ of, id, name }) => [of, id, name])).toEqual([
      ...['corner D/A', 'A', 'corner A/B', 'B', 'corner B/C', 'C', 'corner C/D', 'D'].map((name, at) => [
        ...[at % 2 ? 'length' : 'corner', `face-${at >> 1}`, name],
      ]),
      ['distance', '0-2', '0 to 2'],
      ['distance', '1-3', '1 to 3'],
    ]);
    expect(observations[4]).toEqual({
      ...{ id: 'face-2', name: 'corner B/C', of: 'corner', index: 2 },
      ...{ given: 1.6, sigma: 0.01, standing: 'assumed' },
    });
    expect(observations[5]).toMatchObject({ index: 2, given: 4010, sigma: 3, standing: 'measured' });
    expect(observations[8]).toEqual({
      ...{ id: '0-2', name: '0 to 2', of: 'distance', given: 5003, sigma: 4, standing: 'measured' },
      from: { face: 0, from: 'left', distance: 0 },
      to: { face: 2, from: 'left', distance: 0 },
    });
    expect(observations[9]).toMatchObject({ given: 9000, standing: 'excluded' });
    // What walking the faces misses by, not what the adjustment leaves.
    expect(misclosure.angle).toBeCloseTo(1.6 - square, 12);
    expect(misclosure.length).toBeGreaterThan(50);
  });

  it('lies in its frame: the first corner at the origin, the first face along +x, the inside on the right', () => {
    const { corners } = must(solveLoop(room([4000, 3020, 4010, 3000])));
    expect(corners[0]).toEqual({ x: 0, y: 0 });
    expect(corners[1]!.y).toBe(0);
    expect(corners[2]!.y).toBeLessThan(-2900);
  });

  it('may have as few values as fix it, met exactly; another is then shared', () => {
    const hinged = room(rectangle, () => assumed);
    const one = must(solveLoop(hinged, [tape(0, 2, 4900)])).corners;
    expect(distance(one[0]!, one[2]!)).toBeCloseTo(4900, 8);
    const two = must(solveLoop(hinged, [tape(0, 2, 4900), tape(1, 3, 5000)])).corners;
    expect(distance(two[0]!, two[2]!)).toBeGreaterThan(4920);
  });
});

describe('a room that nothing can be', () => {
  it('is told so by the face that is longer than all the others', () => {
    expect(
      refusal(
        room([9000, 3000, 2000, 3000], () => assumed),
        [tape(0, 2, 4000)],
      ),
    ).toEqual({
      code: 'survey-impossible',
      data: { detail: 'A' },
    });
    expect(
      refusal(
        room([2000, 3000, 9000, 3000], () => assumed),
        [tape(0, 2, 4000)],
      ),
    ).toMatchObject({
      data: { detail: 'C' },
    });
  });

  it('is told so without one where only a diagonal is too long', () => {
    expect(
      refusal(
        room(rectangle, () => assumed),
        [tape(0, 2, 7500)],
      ),
    ).toEqual({
      code: 'survey-impossible',
      data: { detail: '' },
    });
    // One corner measured beside four lengths fixes the room: a reach of 7000 is not enough for a face of 8000.
    const one = room([4000, 3000, 8000, 3000], (index) => (index === 1 ? { corner: 0.5 } : assumed));
    expect(refusal(one)?.code).toBe('survey-impossible');
  });

  it('is let be when there is something to spare: what is wrong is found among the values', () => {
    expect(refusal(room([4000, 3000, 4000, 3000]), [tape(0, 2, 5200)])).toBeNull();
  });
});

describe('a room with too few values', () => {
  it('asks for lengths that were not measured before anything else, and for those only that help', () => {
    expect(asked(room(rectangle, (index) => (index === 1 || index === 3 ? free : {})))).toEqual([
      ...[1, 'length B', 'length D'],
    ]);
    // The corners of a rectangle fix one of two parallel faces by the other.
    expect(asked(room(rectangle, (index) => (index === 3 ? free : {})))).toBeNull();
    expect(asked(room(rectangle, (index) => (index < 3 ? free : {})))).toEqual([1, 'length A', 'length C']);
    expect(asked(room(rectangle, () => free))).toEqual([2, 'length A', 'length B', 'length C', 'length D']);
  });

  it('then for corners and diagonals, and counts what is missing', () => {
    expect(asked(room(rectangle, () => believed))).toEqual([
      ...[1, 'corner corner D/A', 'corner corner A/B', 'distance D/A to B/C', 'distance A/B to C/D'],
    ]);
    const six = measuredFaces(trueRoom(6, 3)).map((face): LoopFace => ({ ...face, ...believed }));
    expect(asked(six)![0]).toBe(3);
    expect(asked(six, [diagonal(trueRoom(6, 3), 0, 2)])![0]).toBe(2);
  });

  it('names no value twice that was measured already', () => {
    const hinged = room(rectangle, (index) => (index === 0 ? free : believed));
    expect(asked(hinged)).toEqual([1, 'length A']);
  });
});

import { describe, expect, it } from 'vitest';
import { inDatum, measuredFaces } from '../../testing/surveys';
import { scale, type Point } from '../geometry/point';
import { must } from '../result';
import { rankOf, SAYS_NEW } from './loop-rank';
import type { Observation } from './observations';
import { solveLoop } from './solve-loop';
import { underdetermined } from './underdetermined';

const at = (...places: [number, number][]): Point[] => places.map(([x, y]) => ({ x, y }));
/** An L: the corner that juts in, D, is the fourth from the first; the fifth and the second do not see each other past it. */
const corner = at([0, 0], [4000, 0], [4000, -1000], [1000, -1000], [1000, -3000], [0, -3000]);
const valuesOf = (corners: readonly Point[]) => must(solveLoop(measuredFaces(corners))).observations;
/** The values with some of them not taken. */
const without = (corners: readonly Point[], isLeftOut: (one: Observation) => boolean) =>
  valuesOf(corners).map((one): Observation => (isLeftOut(one) ? { ...one, standing: 'excluded' } : one));
const asked = (observations: readonly Observation[], corners: readonly Point[], level = SAYS_NEW) => {
  const found = underdetermined(observations, corners, level);
  if (found?.ok !== false || found.refusal.code !== 'survey-underdetermined') return null;
  return [found.refusal.data.missing, ...found.refusal.data.measure.map(({ of, name }) => `${of} ${name}`)];
};
const index = (one: Observation) => ('index' in one ? one.index : -1);

describe('what is missing for a room to be fixed', () => {
  it('is nothing where as many values as its corners need are independent', () => {
    expect(asked(valuesOf(corner), corner)).toBeNull();
    // Any one length, or any one corner, follows from the rest.
    expect(
      asked(
        without(corner, (one) => one.of === 'corner' && one.index === 3),
        corner,
      ),
    ).toBeNull();
    expect(
      asked(
        without(corner, (one) => one.of === 'length' && one.index === 1),
        corner,
      ),
    ).toBeNull();
  });

  it('is a length that helps, before any corner', () => {
    // Of the faces along x two are not taken: one more of them is needed, and none of the others helps.
    const twice = without(corner, (one) => one.of === 'length' && (one.index === 0 || one.index === 2));
    expect(asked(twice, corner)).toEqual([1, 'length A', 'length C']);
    const none = without(corner, ({ of }) => of === 'length');
    expect(asked(none, corner)).toEqual([4, 'length A', 'length B', 'length C', 'length D']);
    const mixed = without(corner, (one) => one.of === 'length' || (one.of === 'corner' && one.index < 2));
    expect(asked(mixed, corner)![1]).toBe('length A');
  });

  it('is a corner or a diagonal where every length is taken, two of each at most', () => {
    const three = without(corner, (one) => one.of === 'corner' && index(one) > 1);
    expect(asked(three, corner)).toEqual([
      ...[1, 'corner corner B/C', 'corner corner C/D', 'distance F/A to C/D', 'distance F/A to D/E'],
    ]);
    const all = without(corner, ({ of }) => of === 'corner');
    expect(asked(all, corner)).toEqual([
      ...[3, 'corner corner F/A', 'corner corner A/B', 'distance F/A to B/C', 'distance F/A to C/D'],
    ]);
  });

  it('names no diagonal that goes through a wall, and none along one', () => {
    // A U, the inside of which opens on the far side: its feet do not see each other.
    const deep = inDatum(
      at([4, -4], [4, -1], [1, -1], [1, -4], [0, -4], [0, 0], [5, 0], [5, -4]).map((one) => scale(one, 1000)),
    );
    expect(
      asked(
        without(deep, ({ of }) => of === 'corner'),
        deep,
      ),
    ).toEqual([
      ...[5, 'corner corner H/A', 'corner corner A/B', 'distance H/A to F/G', 'distance A/B to E/F'],
    ]);
  });

  it('is nothing that could be asked for where nothing helps', () => {
    // Judged so strictly that a rectangle is hardly known, whatever is taken of it.
    expect(asked(valuesOf(corner), corner, 0.65)).toBeNull();
    expect(rankOf(corner, valuesOf(corner), 0.65)).toBe(8);
  });
});

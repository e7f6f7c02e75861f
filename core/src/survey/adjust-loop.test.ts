import { describe, expect, it } from 'vitest';
import { distance, type Point } from '../geometry/point';
import { adjustLoop, costOf, equationsOf, ledLoop, perimeterOf, restLoop, weightOf } from './adjust-loop';
import { computedValue, difference, type Observation, type Standing } from './observations';

const square = Math.PI / 2;
const rectangle: Point[] = [
  { x: 0, y: 0 },
  { x: 4000, y: 0 },
  { x: 4000, y: -3000 },
  { x: 0, y: -3000 },
];
const named = { id: '', name: '' };
const length = (index: number, given: number, sigma = 2): Observation => ({
  ...{ ...named, of: 'length', index, given, sigma, standing: 'measured' },
});
const corner = (
  index: number,
  given = square,
  standing: Standing = 'measured',
  sigma = 0.004,
): Observation => ({
  ...{ ...named, of: 'corner', index, given, sigma, standing },
});
const across = (from: number, to: number, given: number, sigma = 2): Observation => ({
  ...{ ...named, of: 'distance', given, sigma, standing: 'measured' },
  from: { face: from, from: 'left', distance: 0 },
  to: { face: to, from: 'left', distance: 0 },
});
const lengths = (...given: number[]) => given.map((one, index) => length(index, one));
/** The rectangle with its corners somewhere else, but in its frame. */
const shifted = (by: readonly (readonly [number, number])[]) =>
  rectangle.map(({ x, y }, index) => ({ x: x + (by[index]?.[0] ?? 0), y: y + (by[index]?.[1] ?? 0) }));
function near(corners: readonly Point[], wanted: readonly Point[], within: number): void {
  expect(corners).toHaveLength(wanted.length);
  corners.forEach((at, index) => expect(distance(at, wanted[index]!)).toBeLessThan(within));
}

describe('what a loop misfits by', () => {
  it('is the sum of squares, each by its weight, the given weight before its own', () => {
    const used = [length(0, 4002), length(1, 2997, 1), corner(2, square + 0.002, 'assumed', 0.001)];
    expect(weightOf(length(0, 4000, 2))).toBe(0.25);
    expect(costOf(rectangle, used)).toBeCloseTo(4 * 0.25 + 9 + 4, 9);
    expect(costOf(rectangle, used, ({ of }) => (of === 'length' ? 2 : 0))).toBeCloseTo(2 * (4 + 9), 9);
    expect(costOf(rectangle, [])).toBe(0);
  });

  it('is measured on a loop that goes all the way round', () => {
    expect(perimeterOf(rectangle)).toBe(14_000);
    expect(perimeterOf(rectangle.slice(0, 3))).toBe(12_000);
  });

  it('lessens along the gradient of its equations', () => {
    const used = [...lengths(4010, 3000, 4000, 2995), across(0, 2, 5004)];
    // Of the second corner only the place along the first face is unknown.
    const unknowns = [
      [1, 'x'],
      [2, 'x'],
      [2, 'y'],
      [3, 'x'],
      [3, 'y'],
    ] as const;
    const cost = (unknown: number, by: number) => {
      const [corner, axis] = unknowns[unknown]!;
      const at = (one: Point, index: number) => (index === corner ? { ...one, [axis]: one[axis] + by } : one);
      return costOf(rectangle.map(at), used);
    };
    const { gradient, diagonal } = equationsOf(rectangle, used);
    expect([gradient.length, diagonal.length]).toEqual([5, 5]);
    unknowns.forEach((_, unknown) => {
      expect(gradient[unknown]).toBeCloseTo((cost(unknown, -1e-3) - cost(unknown, 1e-3)) / 4e-3, 6);
      expect(diagonal[unknown]).toBeGreaterThan(0);
    });
    // Without weight an observation says nothing.
    expect([...equationsOf(rectangle, used, () => 0).gradient]).toEqual([0, 0, 0, 0, 0]);
  });
});

describe('an adjustment by full steps', () => {
  const all = [...lengths(4000, 3000, 4000, 3000), across(0, 2, 5000), across(1, 3, 5000)];

  it('comes to rest where every value is met, from as far as a metre off', () => {
    for (const by of [0, 1, 100, 1000]) {
      const start = shifted([
        [0, 0],
        [by, 0],
        [-by, by / 2],
        [by / 3, -by],
      ]);
      const { corners, settled, damped } = adjustLoop(start, all);
      expect([settled, damped]).toEqual([true, undefined]);
      near(corners, rectangle, 1e-9);
    }
  });

  it('leaves its start as it was', () => {
    const start = shifted([
      [0, 0],
      [10, 0],
    ]);
    adjustLoop(start, all);
    expect(start).toEqual(
      shifted([
        [0, 0],
        [10, 0],
      ]),
    );
  });

  it('shares a misfit by the weights: where the cost rises whichever way a corner goes', () => {
    const used = [...lengths(4003, 3000, 3998, 3001), across(0, 2, 5004, 1), across(1, 3, 4999, 3)];
    const { corners, settled } = adjustLoop(rectangle, used);
    expect(settled).toBe(true);
    const least = costOf(corners, used);
    expect(least).toBeLessThan(costOf(rectangle, used) / 2);
    for (const index of [1, 2, 3])
      for (const [dx, dy] of [
        [0.01, 0],
        [-0.01, 0],
        [0, 0.01],
        [0, -0.01],
      ] as const) {
        const aside = corners.map(({ x, y }, one) => (one === index ? { x: x + dx, y: y + dy } : { x, y }));
        expect(costOf(aside, used)).toBeGreaterThan(least);
      }
  });

  it('lets assumed corners choose only what the measured values leave open', () => {
    // A hinged frame: four lengths, and one corner assumed.
    const lean = adjustLoop(rectangle, [...lengths(4000, 3000, 4000, 3000), corner(0, 1.3, 'assumed')]);
    expect(lean.settled).toBe(true);
    near(
      lean.corners,
      [
        { x: 0, y: 0 },
        { x: 4000, y: 0 },
        { x: 4000 + 3000 * Math.cos(1.3), y: -3000 * Math.sin(1.3) },
        { x: 3000 * Math.cos(1.3), y: -3000 * Math.sin(1.3) },
      ],
      1e-6,
    );
    // Two of unlike weight that can't both be: by their weights.
    const two = [corner(0, 1.3, 'assumed', 0.01), corner(1, Math.PI - 1.36, 'assumed', 0.02)];
    const shared = adjustLoop(rectangle, [...lengths(4000, 3000, 4000, 3000), ...two]).corners;
    expect(computedValue(shared, corner(0))).toBeCloseTo(1.3 + 0.06 * 0.2, 9);
    // Once a diagonal is taped they have no say.
    const fixed = adjustLoop(rectangle, [...lengths(4000, 3000, 4000, 3000), across(0, 2, 5000), ...two]);
    near(fixed.corners, rectangle, 1e-9);
  });

  it('is not at rest where something is left open, by values and assumptions together', () => {
    const { corners, settled } = adjustLoop(rectangle, lengths(4000, 3000, 4000, 3000));
    expect(settled).toBe(false);
    expect(corners).toEqual(rectangle);
    expect(adjustLoop(rectangle, [corner(0), corner(1), length(0, 4000)]).settled).toBe(false);
  });

  it('is not at rest where the values pull a corner away without end', () => {
    // Parallel faces of unlike length can only meet in infinity.
    const endless = [length(0, 4000), length(2, 4010), ...[0, 1, 2, 3].map((index) => corner(index))];
    expect(adjustLoop(rectangle, endless).settled).toBe(false);
  });

  it('takes no excluded value for one that was measured', () => {
    const wrong: Observation = { ...across(1, 3, 6000), standing: 'excluded' };
    near(adjustLoop(rectangle, [...all, wrong]).corners, rectangle, 1e-9);
  });
});

describe('a start that is far off', () => {
  const taped = [...lengths(4000, 3000, 4000, 3000), across(0, 2, 5000)];

  it('is led to the measured values, past what corners are assumed to be', () => {
    const crumpled = [
      { x: 0, y: 0 },
      { x: 1500, y: 0 },
      { x: 2500, y: -300 },
      { x: 900, y: -2900 },
    ];
    const used = [...taped, ...[0, 1, 2, 3].map((index) => corner(index, 1.2, 'assumed'))];
    const led = ledLoop(crumpled, used);
    near(led, rectangle, 0.5);
    near(adjustLoop(led, used).corners, rectangle, 1e-9);
    expect(costOf(led, taped)).toBeLessThan(1e-2);
  });

  it('stays where it is when it is right already', () => {
    near(ledLoop(rectangle, taped), rectangle, 1e-6);
  });
});

describe('a corner that is best met on the line between its neighbours', () => {
  // A triangle of 3000, 4000 and a face in two parts of 2500 whose corner is on the line: nothing measured says how far off it lies.
  const start = [
    { x: 0, y: 0 },
    { x: 3000, y: 0 },
    { x: 3000, y: -4000 },
    { x: 1560, y: -1920 },
  ];
  const used = [...lengths(3000, 4000, 2498, 2499), across(0, 2, 5000)];

  it('shares what the two parts are short of by their weights, and comes to rest, damped', () => {
    const { corners, settled, damped } = restLoop(start, used);
    expect([settled, damped]).toEqual([true, true]);
    // 3 mm short in all, shared alike by three tapes in a row; the legs hold nothing of it back but by their own bend.
    const residuals = used.map((one) => difference(corners, one));
    expect(residuals[2]).toBeCloseTo(residuals[3]!, 5);
    expect(residuals[4]).toBeCloseTo(-residuals[2]!, 5);
    expect(residuals[2]).toBeCloseTo(-1, 5);
    const straight = distance(corners[2]!, corners[3]!) + distance(corners[3]!, corners[0]!);
    expect(straight).toBeCloseTo(distance(corners[0]!, corners[2]!), 4);
  });

  it('is at rest where its cost is least: no corner can go anywhere', () => {
    const { corners } = restLoop(start, used);
    const least = costOf(corners, used);
    for (const index of [1, 2, 3])
      for (const [dx, dy] of [
        [0.1, 0],
        [-0.1, 0],
        [0, 0.1],
        [0, -0.1],
      ] as const) {
        if (index === 1 && dy !== 0) continue;
        const aside = corners.map(({ x, y }, one) => (one === index ? { x: x + dx, y: y + dy } : { x, y }));
        expect(costOf(aside, used)).toBeGreaterThan(least);
      }
  });

  it('is not at rest where the loop grows to twice its size on the way', () => {
    const endless = [length(0, 4000), length(2, 4400), ...[0, 1, 2, 3].map((index) => corner(index))];
    expect(restLoop(rectangle, endless).settled).toBe(false);
  });
});

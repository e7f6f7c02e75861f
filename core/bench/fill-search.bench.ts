import { bench, describe } from 'vitest';
import { criteria } from '../src/proposals/fill-problem';
import { bestFillings } from '../src/proposals/search';
import { faceOf } from './faces';
import { highsFill, highsLoader } from './highs-fill';

const orders = {
  usual: criteria,
  'symmetry first': ['symmetry', 'filler', 'items', 'widths', 'alignment', 'price'],
  'price first': ['price', 'filler', 'symmetry', 'items', 'widths', 'alignment'],
  'widths first': ['widths', 'alignment', 'symmetry', 'filler', 'items', 'price'],
} as const;

for (const [name, order] of Object.entries(orders)) {
  describe(`the best four fillings, ${name}`, () => {
    bench(
      '6 m with four that stay',
      () => void bestFillings([faceOf(6000, [700, 2200, 3500, 4700], 2500)], order, 4),
    );
    bench(
      '6 m, those that stay at one end',
      () => void bestFillings([faceOf(6000, [3400, 4000, 4600, 5200], 1850)], order, 4),
    );
    bench('3.6 m with nothing', () => void bestFillings([faceOf(3600, [], 1800)], order, 4));
    bench('3.6 m with nothing and no centre', () => void bestFillings([faceOf(3600, [], null)], order, 4));
  });
}

const solver = await highsLoader();
// Without a centre line: how far mirrored joints are off has no linear model that a solver ends with.
const face = faceOf(6000, [700, 2200, 3500, 4700], null);
const ours = bestFillings([face], criteria, 1).fillings[0]!.values;
const theirs = highsFill(solver, face, criteria);
for (const one of criteria)
  if (ours[one] !== theirs[one]) throw new Error(`${one}: ${ours[one]} here, ${theirs[one]} by HiGHS`);

describe('the best filling of 6 m with four that stay', () => {
  bench('this search', () => void bestFillings([face], criteria, 1));
  bench('the same model by HiGHS', () => void highsFill(solver, face, criteria));
});

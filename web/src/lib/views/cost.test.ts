import { expect, it } from 'vitest';
import { Cost } from './cost';

const after = (...times: number[]) => {
  const cost = new Cost();
  for (const time of times) cost.took(time);
  return cost;
};

it('lets a drawing be while a frame can spare it, and once when it could before', () => {
  for (const [fits, ...times] of [
    [true],
    [true, 5],
    [true, 5.1],
    [true, 20],
    [false, 20.1],
    [false, 5.1, 5.1],
    [true, 5.1, 5],
    [true, 5.1, 5.1, 5, 6],
  ] as const)
    expect(after(...times).fits, times.join(' ')).toBe(fits);
});

it('begins anew with a drag, but for what is far too much', () => {
  const [slow, far] = [after(9, 9), after(9, 21)];
  for (const cost of [slow, far]) {
    expect(cost.fits).toBe(false);
    cost.forget();
  }
  expect([slow.fits, far.fits]).toEqual([true, false]);
});

it('measures what it draws, and gives it', () => {
  const cost = new Cost();
  const slow = () => {
    const start = performance.now();
    while (performance.now() - start < 25);
    return 'drawn';
  };
  expect([cost.of(slow), cost.fits]).toEqual(['drawn', false]);
});

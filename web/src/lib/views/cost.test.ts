import { expect, it } from 'vitest';
import { Cost } from './cost';

const after = (...times: number[]) => {
  const cost = new Cost();
  for (const time of times) cost.took(time);
  return cost;
};

const times = (count: number, time: number) => Array.from({ length: count }, () => time);

it('lets a drawing be until two frames in a row can not spare it, or one takes far too long', () => {
  for (const [fits, ...taken] of [
    [true],
    [true, ...times(9, 5)],
    [true, 5.1],
    [false, ...times(2, 5.1)],
    [true, 5.1, 5, 5.1],
    [true, ...times(2, 5.1), 5],
    [true, 60],
    [false, 60.1],
  ] as const)
    expect(after(...taken).fits, taken.join(' ')).toBe(fits);
});

it('begins anew with a drag, but for what is far too much', () => {
  const [slow, far] = [after(...times(2, 9)), after(9, 61)];
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
    while (performance.now() - start < 65);
    return 'drawn';
  };
  expect([cost.of(slow), cost.fits]).toEqual(['drawn', false]);
});

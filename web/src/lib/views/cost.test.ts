import { expect, it } from 'vitest';
import { Cost } from './cost';

const times = (count: number, time: number) => Array.from({ length: count }, () => time);

const after = (...taken: number[]) => {
  const cost = new Cost(5);
  for (const time of taken) cost.took(time);
  return cost;
};

it('lets a drawing be until five frames too many can not spare it, or one takes far too long', () => {
  for (const [fits, ...taken] of [
    [true],
    [true, ...times(99, 5)],
    [true, ...times(5, 5.1)],
    [false, ...times(6, 5.1)],
    // One more is forgiven for each twenty that fit, and none in advance.
    [true, ...times(5, 5.1), ...times(20, 5), 5.1],
    [false, ...times(5, 5.1), ...times(19, 5), 5.1],
    [false, ...times(99, 5), ...times(6, 5.1)],
    [true, 60],
    [false, 60.1],
  ] as const)
    expect(after(...taken).fits(), taken.join(' ')).toBe(fits);
});

/** How many frames it waits until it is tried again, each try taking so long; null where it is not. */
const waits = (cost: Cost, time: number): number | null => {
  for (let frames = 0; frames < 1_000; frames++)
    if (cost.fits()) {
      cost.took(time);
      return frames;
    }
  return null;
};

it('tries again after 16 frames, then 32, each time for two frames, and then no more', () => {
  const cost = after(...times(6, 9));
  expect([16, 32, null].map((wait) => [wait, waits(cost, 9), wait && waits(cost, 9)])).toEqual([
    [16, 16, 0],
    [32, 32, 0],
    [null, null, null],
  ]);
});

it('stays where a try shows that it fits by now', () => {
  const cost = after(...times(6, 9));
  expect(waits(cost, 4)).toBe(16);
  for (const time of times(99, 4)) {
    expect(cost.fits()).toBe(true);
    cost.took(time);
  }
});

it('begins anew with a drag, but for what is far too much', () => {
  const [slow, far] = [after(...times(6, 9)), after(9, 61)];
  for (const cost of [slow, far]) {
    expect(cost.fits()).toBe(false);
    cost.forget();
  }
  expect([slow.fits(), far.fits()]).toEqual([true, false]);
  // What did not fit has two frames to show that it does now, what did has all of them again.
  slow.took(9);
  expect(slow.fits()).toBe(true);
  slow.took(9);
  expect(slow.fits()).toBe(false);
  const fine = after(...times(6, 4));
  fine.forget();
  for (const time of times(5, 9)) fine.took(time);
  expect(fine.fits()).toBe(true);
});

it('measures what it draws, and gives it', () => {
  const cost = new Cost(5);
  const slow = () => {
    const start = performance.now();
    while (performance.now() - start < 65);
    return 'drawn';
  };
  expect([cost.of(slow), cost.fits()]).toEqual(['drawn', false]);
});

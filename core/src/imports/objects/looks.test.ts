import { describe, expect, it } from 'vitest';
import type { Tone } from '../../surfaces/colour';
import { fewer, seen } from './looks';

describe('colours of a picture', () => {
  it('are few, each the mean of what is nearest to it', () => {
    const tones = Array.from({ length: 100 }, (_, index): Tone =>
      index % 2 ? [200, 10, 10 + (index % 5)] : [10, 10, 200],
    );
    const { of, means } = fewer(tones);
    expect(means).toHaveLength(2);
    const reds = tones.filter(([red]) => red === 200);
    expect(means[of[1]!]![2]).toBeCloseTo(reds.reduce((sum, [, , blue]) => sum + blue, 0) / reds.length, 6);
    expect(fewer([]).means).toHaveLength(1);
    expect(
      fewer(Array.from({ length: 256 }, (_, index) => [index, index, index] as const)).means,
    ).toHaveLength(8);
  });

  it('are looked up beyond the edges of the picture', () => {
    const pixels = { width: 2, height: 1, data: Uint8ClampedArray.from([10, 20, 30, 255, 90, 80, 70, 255]) };
    const at = (u: number) =>
      seen(pixels, [
        [u, 0],
        [u, 0],
        [u, 0],
      ]).map(Math.round);
    expect([at(0.25), at(0.75), at(1.25), at(-0.25)]).toEqual([
      [10, 20, 30],
      [90, 80, 70],
      [10, 20, 30],
      [90, 80, 70],
    ]);
  });
});

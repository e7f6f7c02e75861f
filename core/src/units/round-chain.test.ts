import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roundChain } from './round-chain';

describe('roundChain', () => {
  it('gives what is missing to the first of equals, though they differ by rounding noise', () => {
    const ends = [0, 1000 / 3, 2000 / 3, 1000];
    for (const noise of [0, 1e-10, -1e-10]) {
      const parts = ends.slice(1).map((end, index) => end - ends[index]! + (index === 1 ? noise : 0));
      expect(roundChain(parts, 1)).toEqual({ parts: [334, 333, 333], overall: 1000 });
    }
    expect(roundChain([333.3, 333.4, 333.3], 1).parts).toEqual([333, 334, 333]);
  });

  it('gives the missing steps to the largest remainders', () => {
    expect(roundChain([33.4, 33.3, 33.3], 1)).toEqual({ parts: [34, 33, 33], overall: 100 });
  });

  it('adds up exactly, each part less than a step from the truth', () => {
    const part = fc.double({ min: 0.1, max: 5000, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 1, maxLength: 30 }),
        fc.constantFrom(1, 0.5, 25.4 / 16, 25.4 / 8),
        (parts, step) => {
          const rounded = roundChain(parts, step);
          const steps = rounded.parts.map((value) => Math.round(value / step));
          expect(steps.reduce((sum, value) => sum + value, 0)).toBe(Math.round(rounded.overall / step));
          rounded.parts.forEach((value, index) =>
            expect(Math.abs(value - parts[index]!)).toBeLessThan(step * (1 + 1e-6)),
          );
        },
      ),
    );
  });
});

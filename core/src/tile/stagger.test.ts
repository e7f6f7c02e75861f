import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { must } from '../result';
import { randomStagger } from './stagger';

describe('planks laid at random', () => {
  it('have every end joint far enough from those of the next rows, the last from the first too, and the same by the same seed', () => {
    const setup = fc.record({
      module: fc.integer({ min: 300, max: 2_400 }),
      share: fc.double({ min: 0, max: 1 / 4, noNaN: true }),
      rows: fc.integer({ min: 2, max: 60 }),
      seed: fc.nat(),
    });
    fc.assert(
      fc.property(setup, ({ module, share, rows, seed }) => {
        const least = share * module;
        const starts = must(randomStagger({ module, least, rows, seed }));
        expect(starts).toHaveLength(rows);
        expect(must(randomStagger({ module, least, rows, seed }))).toEqual(starts);
        for (const [row, start] of starts.entries()) {
          const apart = Math.abs(start - starts[(row + 1) % rows]!);
          expect(Math.min(apart, module - apart)).toBeGreaterThanOrEqual(least - 1e-8);
        }
      }),
    );
  });

  it('are refused where there is no such place', () => {
    expect(randomStagger({ module: 900, least: 225, rows: 3, seed: 1 }).ok).toBe(true);
    expect(randomStagger({ module: 900, least: 225.1, rows: 3, seed: 1 })).toMatchObject({
      refusal: { code: 'stagger-too-far', data: { least: 225.1, most: 225 } },
    });
    expect(randomStagger({ module: 900, least: 450, rows: 2, seed: 1 }).ok).toBe(true);
  });

  it('differ from row to row and by the seed', () => {
    const one = must(randomStagger({ module: 1_200, least: 150, rows: 12, seed: 1 }));
    expect(new Set(one).size).toBe(12);
    expect(must(randomStagger({ module: 1_200, least: 150, rows: 12, seed: 2 }))).not.toEqual(one);
  });
});

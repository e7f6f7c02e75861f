import { describe, expect, it } from 'vitest';
import { itemOutline } from './item-outline';

describe('the outline of an item', () => {
  const of = (type: string, change = {}) =>
    itemOutline({ type, width: 900, depth: 800, hand: 'left', ...change }).map(({ along, out }) => [
      along,
      out,
    ]);

  it('is its plan, mirrored for the other hand and walked the same way round', () => {
    expect(of('base-doors')).toEqual([
      ...[
        [0, 0],
        [900, 0],
        [900, 800],
        [0, 800],
      ],
    ]);
    expect(of('base-corner-l', { leg: 560 })).toEqual([
      ...[
        [0, 0],
        [900, 0],
        [900, 560],
        [560, 560],
        [560, 800],
        [0, 800],
      ],
    ]);
    expect(of('base-corner-diagonal', { leg: 560, hand: 'right' })).toEqual([
      ...[
        [900, 800],
        [340, 800],
        [0, 560],
        [0, 0],
        [900, 0],
      ],
    ]);
  });

  it('of a corner cabinet without a leg is half as deep, and of a round one goes round its ellipse', () => {
    expect(of('base-corner-l')).toContainEqual([400, 400]);
    expect(of('base-corner-l', { leg: 2000 })).toContainEqual([800, 800]);
    const round = of('table-round');
    expect(round).toHaveLength(32);
    for (const [along, out] of round) {
      const off = Math.hypot((along! - 450) / 450, (out! - 400) / 400);
      expect(off).toBeGreaterThan(1);
      expect(off).toBeLessThan(1.005);
    }
  });
});

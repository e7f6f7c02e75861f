import { describe, expect, it } from 'vitest';
import type { LaidPiece } from '../lay';
import { shadeOf } from './shades';

const piece = { bounds: { left: 0, right: 1, bottom: 0, top: 1 } } as LaidPiece['piece'];
const floor = Array.from({ length: 2500 }, (_, at) => ({ piece, i: at % 50, k: Math.floor(at / 50) - 25 }));

describe('shades of tiles', () => {
  it('are as many of each, about their colour, and wider apart the more they vary', () => {
    expect(floor.every((one) => shadeOf(one, 'uniform') === 0)).toBe(true);
    for (const [shade, most] of [
      ['slight', 0.05],
      ['moderate', 0.11],
      ['strong', 0.2],
    ] as const) {
      const all = floor.map((one) => shadeOf(one, shade));
      expect([Math.min(...all), Math.max(...all)]).toEqual([-most, most]);
      for (const step of new Set(all)) {
        const share = all.filter((one) => one === step).length / all.length;
        expect(share).toBeGreaterThan(0.17);
        expect(share).toBeLessThan(0.23);
      }
    }
  });

  it('are the same every time, and seldom that of the tile beside', () => {
    const alike = floor.filter(
      (one) => shadeOf(one, 'strong') === shadeOf({ ...one, i: one.i + 1 }, 'strong'),
    );
    expect(shadeOf({ ...floor[7]! }, 'strong')).toBe(shadeOf(floor[7]!, 'strong'));
    expect(alike.length / floor.length).toBeGreaterThan(0.14);
    expect(alike.length / floor.length).toBeLessThan(0.26);
  });
});

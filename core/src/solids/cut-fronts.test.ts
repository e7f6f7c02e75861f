import { describe, expect, it } from 'vitest';
import { signedArea } from '../geometry/polygon';
import type { Slant } from '../setting/slant';
import { cutFronts, frontRing, highAt } from './cut-fronts';
import type { FrontPart } from './front-parts';
import { handleOf } from './handles';

/** Rising 3 in 4, so high over the left end of what stands under it. */
const slope = (high: number): Slant => ({ out: { x: -0.6, y: 0, z: 0.8 }, at: 0.8 * high });
const door: FrontPart = {
  ...{ shows: 'door', left: 2, right: 402, low: 100, high: 800, hinge: 'right', style: 'frame' },
  pull: { across: 47, up: 720, upright: true },
};

describe('a front under a slope along it', () => {
  it('is cut that far short of it, a plain board, taken hold of under it', () => {
    // 2 short of it, square to it: 2.5 lower.
    const [cut] = cutFronts([door], slope(600), 2)!;
    expect(cut!.heads).toEqual([expect.closeTo(599, 9), expect.closeTo(899, 9)]);
    expect(cut!.style).toBeUndefined();
    expect([highAt(cut!, 2), highAt(cut!, 202), highAt(cut!, 402)]).toEqual([
      ...[expect.closeTo(599, 9), expect.closeTo(749, 9), 800],
    ]);
    // Its line meets its upper edge 134 from its right.
    expect(frontRing(cut!).map(({ x, y }) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100])).toEqual(
      [
        ...[
          [2, 100],
          [402, 100],
          [402, 800],
          [270, 800],
          [2, 599],
        ],
      ],
    );
    expect(signedArea(frontRing(cut!))).toBeCloseTo(400 * 700 - (268 * 201) / 2, 6);
    const { across, up, half } = handleOf(cut!)!;
    expect(up + half.up).toBeLessThan(highAt(cut!, across) - 30);
    // What it does not reach stays as it is.
    expect(cutFronts([door], slope(802.5 - 1.5), 2)![0]).toBe(door);
    expect(cutFronts([door], slope(802.5 - 1.5 - 0.01), 2)![0]).not.toBe(door);
  });

  it('is a door that keeps 100 of its height; nothing else is cut', () => {
    const least = 100 + 100 + 2.5 - 1.5;
    expect(cutFronts([door], slope(least), 2)).not.toBeNull();
    expect(cutFronts([door], slope(least - 0.01), 2)).toBeNull();
    expect(cutFronts([{ ...door, glass: true }], slope(600), 2)).toBeNull();
    expect(cutFronts([{ ...door, shows: 'drawer' }], slope(600), 2)).toBeNull();
    expect(cutFronts([door, { ...door, shows: 'drawer', high: 90, low: 10 }], slope(600), 2)).toHaveLength(2);
  });
});

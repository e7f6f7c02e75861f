import { describe, expect, it } from 'vitest';
import { largestCircle } from './largest-circle';
import type { Point } from './point';
import { contains, distanceToSegment, forEachEdge } from './polygon';
import { randomFrom } from './random';

const box = (left: number, bottom: number, width: number, height: number): Point[] => [
  { x: left, y: bottom },
  { x: left + width, y: bottom },
  { x: left + width, y: bottom + height },
  { x: left, y: bottom + height },
];

describe('the largest circle', () => {
  it('is half as wide as a room, however long that is, and touches what stands there', () => {
    expect(largestCircle(box(0, 0, 3000, 2000), [])!.radius).toBeCloseTo(1000, 0);
    expect(largestCircle(box(0, 0, 30_000, 2000), [])!.radius).toBeCloseTo(1000, 0);
    // 1400 are left beside a run of 600.
    expect(largestCircle(box(0, 0, 9000, 2000), [box(0, 0, 9000, 600)])!.radius).toBeCloseTo(700, 0);
    expect(largestCircle(box(0, 0, 1000, 1000), [box(-10, -10, 2000, 2000)])).toBeNull();
    expect(largestCircle(box(0, 0, 0, 1000), [])).toBeNull();
  });

  it('is no more than 1 mm across less than a fine scan finds, and never too large: random rooms', () => {
    const random = randomFrom(7);
    for (let run = 0; run < 12; run++) {
      const room = [
        { x: 0, y: 0 },
        { x: 3000 + 800 * random(), y: 300 * random() },
        { x: 3000 + 500 * random(), y: 2600 + 400 * random() },
        { x: -400 * random(), y: 2400 + 500 * random() },
      ];
      const solids = Array.from({ length: 5 }, () =>
        box(3000 * random(), 2600 * random(), 300 + 500 * random(), 300 + 300 * random()),
      );
      const roomAt = (at: Point) => {
        if (!contains(room, at) || solids.some((solid) => contains(solid, at))) return -1;
        let least = Infinity;
        for (const ring of [room, ...solids])
          forEachEdge(ring, (a, b) => (least = Math.min(least, distanceToSegment(at, a, b))));
        return least;
      };
      let best = { x: 0, y: 0, radius: 0 };
      const scan = (x0: number, y0: number, half: number, step: number) => {
        for (let x = x0 - half; x <= x0 + half; x += step)
          for (let y = y0 - half; y <= y0 + half; y += step) {
            const radius = roomAt({ x, y });
            if (radius > best.radius) best = { x, y, radius };
          }
      };
      scan(1700, 1500, 1900, 20);
      scan(best.x, best.y, 20, 1);
      const found = largestCircle(room, solids)!;
      expect(found.radius).toBeGreaterThanOrEqual(best.radius - 0.5);
      expect(roomAt(found.centre)).toBeCloseTo(found.radius, 6);
    }
  });
});

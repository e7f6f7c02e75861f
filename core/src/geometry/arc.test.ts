import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arcBetween, arcDepth, arcLength, arcRadius, chordsFor, depthForLength, onArc } from './arc';
import { circlesMeet, lineMeetsCircle } from './circle';
import { cross, distance, middle, subtract } from './point';
import { distanceToSegment } from './polygon';

const coordinate = fc.double({ min: -5000, max: 5000, noNaN: true });
const place = fc.record({ x: coordinate, y: coordinate });
const depth = fc.double({ min: 1, max: 6000, noNaN: true });

describe('an arc', () => {
  it('runs between its ends, rises by its depth on the side asked for, and is as long as many short chords', () => {
    fc.assert(
      fc.property(place, place, depth, fc.constantFrom(1, -1), (start, end, rise, side) => {
        fc.pre(distance(start, end) > 10);
        const arc = arcBetween(start, end, side * rise);
        expect(distance(onArc(arc, 0), start)).toBeLessThan(1e-6);
        expect(distance(onArc(arc, 1), end)).toBeLessThan(1e-6);
        const top = onArc(arc, 0.5);
        expect(distance(top, middle(start, end))).toBeCloseTo(rise, 5);
        expect(Math.sign(cross(subtract(end, start), subtract(top, start)))).toBe(side);
        let walked = 0;
        for (let i = 0; i < 4000; i++) walked += distance(onArc(arc, i / 4000), onArc(arc, (i + 1) / 4000));
        const length = arcLength(distance(start, end), rise);
        expect(Math.abs(walked - length)).toBeLessThan(length * 1e-5);
      }),
      { numRuns: 60 },
    );
  });

  it('has the depth its radius gives, short of a half circle and past it', () => {
    expect(arcRadius(2000, 1000)).toBe(1000);
    expect(arcDepth(2000, 1000, false)).toBe(1000);
    // 3-4-5: a chord of 6 in a circle of 5 lies 4 from the centre.
    expect(arcDepth(600, 500, false)).toBe(100);
    expect(arcDepth(600, 500, true)).toBe(900);
    expect(arcRadius(600, 100)).toBe(500);
    expect(arcRadius(600, 900)).toBe(500);
    expect(arcLength(2000, 1000)).toBeCloseTo(Math.PI * 1000, 9);
    for (const depth of [3, 450, 1000, 2600])
      expect(depthForLength(2000, arcLength(2000, depth))).toBeCloseTo(depth, 3);
  });

  it('is drawn with chords that stand no more than a tenth of a millimetre off it', () => {
    for (const radius of [40, 300, 1250, 9000]) {
      const arc = { centre: { x: 0, y: 0 }, radius, from: 0.3, sweep: 2.5 };
      const count = chordsFor(radius, arc.sweep);
      const off = distanceToSegment(onArc(arc, 0.5 / count), onArc(arc, 0), onArc(arc, 1 / count));
      expect(off).toBeLessThanOrEqual(0.1 + 1e-9);
      expect(off).toBeGreaterThan(0.02);
    }
  });
});

describe('circles', () => {
  it('are met by lines and by one another where they should be', () => {
    const circle = { centre: { x: 100, y: 50 }, radius: 50 };
    expect(lineMeetsCircle({ x: 0, y: 80 }, { x: 1, y: 0 }, circle)).toEqual([
      { x: 60, y: 80 },
      { x: 140, y: 80 },
    ]);
    expect(lineMeetsCircle({ x: 0, y: 101 }, { x: 1, y: 0 }, circle)).toEqual([]);
    const met = circlesMeet(
      { centre: { x: 0, y: 0 }, radius: 500 },
      { centre: { x: 600, y: 0 }, radius: 500 },
    );
    expect(met.map(({ x, y }) => [x, Math.round(y)])).toEqual([
      [300, 400],
      [300, -400],
    ]);
    expect(
      circlesMeet({ centre: { x: 0, y: 0 }, radius: 5 }, { centre: { x: 600, y: 0 }, radius: 5 }),
    ).toEqual([]);
  });
});

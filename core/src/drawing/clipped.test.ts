import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { signedArea, type Polygon } from '../geometry/polygon';
import type { Point } from '../geometry/point';
import { clippedTo } from './clipped';
import { line, outline, TEXT, WEIGHT, type PathMark, type Primitive, type TextMark } from './primitives';

const square: Polygon = [
  { x: 0, y: 0 },
  { x: 100, y: 0 },
  { x: 100, y: 100 },
  { x: 0, y: 100 },
];
const at = (x: number, y: number): Point => ({ x, y });
const words = (place: Point): TextMark => ({
  ...{ type: 'text', layer: 'labels', text: '600', size: TEXT.normal, anchor: 'middle', turn: 0 },
  ...{ at: place, ink: 'drawing' },
});
const paths = (marks: readonly Primitive[]) => marks.filter((mark): mark is PathMark => mark.type === 'path');
const lengthOf = (ring: readonly Point[]) =>
  ring.slice(1).reduce((sum, b, i) => sum + Math.hypot(b.x - ring[i]!.x, b.y - ring[i]!.y), 0);

describe('a drawing cut at an outline', () => {
  it('ends lines there, in as many stretches as are within', () => {
    const zigzag = line(
      'walls',
      [at(-50, 50), at(50, 50), at(150, 50), at(150, 20), at(50, 20)],
      1,
      'drawing',
    );
    const [cut] = paths(clippedTo([zigzag], square, 1));
    expect(cut!.rings).toEqual([
      [at(0, 50), at(50, 50), at(100, 50)],
      [at(100, 20), at(50, 20)],
    ]);
    expect(clippedTo([line('walls', [at(-5, -5), at(-5, 200)], 1, 'drawing')], square, 1)).toEqual([]);
  });

  it('cuts grounds along it, and has no stroke where it cuts', () => {
    const box = outline(
      'items',
      [at(50, 50), at(150, 50), at(150, 80), at(50, 80)],
      WEIGHT.cut,
      'drawing',
      'item',
    );
    const [ground, edges] = paths(clippedTo([box], square, 1));
    expect(ground!.weight).toBe(0);
    expect(Math.abs(signedArea(ground!.rings[0]!))).toBeCloseTo(50 * 30, 9);
    expect(edges!.fill).toBeUndefined();
    expect(edges!.rings.reduce((sum, ring) => sum + lengthOf(ring), 0)).toBeCloseTo(50 + 30 + 50, 9);
  });

  it('keeps words that lie in it as a whole, with the whole of what they measure', () => {
    const half = (TEXT.normal * 1) / 2;
    expect(clippedTo([words(at(50, 100 - half))], square, 1)).toHaveLength(1);
    expect(clippedTo([words(at(50, 100 - half + 0.01))], square, 1)).toHaveLength(0);
    const measured = (end: number): TextMark => ({
      ...words(at(50, 50)),
      measured: { from: at(0, 0), to: at(end, 0), line: [at(0, 50), at(end, 50)], of: {} as never },
    });
    expect(clippedTo([measured(100)], square, 1)).toHaveLength(1);
    expect(clippedTo([measured(100.01)], square, 1)).toHaveLength(0);
  });

  it('keeps arcs within it, and draws what it cuts of others', () => {
    const arc: Primitive = {
      ...{ type: 'arc', layer: 'openings', centre: at(50, 50), radius: 50, from: 0, sweep: 2 * Math.PI },
      ...{ weight: 1, ink: 'drawing' },
    };
    expect(clippedTo([arc], square, 1)).toEqual([arc]);
    const [half] = paths(clippedTo([{ ...arc, centre: at(100, 50) }], square, 1));
    expect(half!.rings.reduce((sum, ring) => sum + lengthOf(ring), 0)).toBeCloseTo(Math.PI * 50, 0);
    for (const { x } of half!.rings.flat()) expect(x).toBeLessThanOrEqual(100 + 1e-9);
  });

  it('has nothing outside, and all that was inside (property)', () => {
    const coordinate = fc.integer({ min: -150, max: 250 });
    fc.assert(
      fc.property(fc.array(fc.tuple(coordinate, coordinate), { minLength: 2, maxLength: 8 }), (found) => {
        const points = found.map(([x, y]) => at(x, y));
        const cut = paths(clippedTo([line('walls', points, 1, 'drawing')], square, 1));
        const inside = ({ x, y }: Point) => x >= -1e-9 && x <= 100 + 1e-9 && y >= -1e-9 && y <= 100 + 1e-9;
        const kept = cut.flatMap(({ rings }) => rings);
        expect(kept.flat().every(inside)).toBe(true);
        // Sampled: what of the line is inside is as long as what is kept.
        const STEPS = 4_000;
        const sampled = points.slice(1).reduce((sum, b, i) => {
          const a = points[i]!;
          let within = 0;
          for (let s = 0; s < STEPS; s++) {
            const share = (s + 0.5) / STEPS;
            if (inside(at(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share))) within += 1;
          }
          return sum + (lengthOf([a, b]) * within) / STEPS;
        }, 0);
        expect(kept.reduce((sum, ring) => sum + lengthOf(ring), 0)).toBeCloseTo(sampled, -1);
      }),
      { numRuns: 60 },
    );
  });
});

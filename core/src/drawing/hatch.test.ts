import { describe, expect, it } from 'vitest';
import { hatchLines } from './hatch';

describe('hatching', () => {
  it('has no line where the grid runs through a corner, whichever way that is rounded', () => {
    for (const off of [-1e-11, 0, 1e-11]) {
      const square = [
        { x: off, y: off },
        { x: off, y: 100 },
        { x: 100, y: 100 },
        { x: 100, y: off },
      ];
      // Along the diagonal the grid runs through two corners: the lines off it are there.
      const lines = hatchLines(square, -Math.PI / 4, 100 / Math.SQRT2);
      expect(lines).toHaveLength(1);
      const [a, b] = lines[0]!;
      expect(Math.hypot(b.x - a.x, b.y - a.y)).toBeCloseTo(100 * Math.SQRT2, 6);
    }
  });

  it('covers what it hatches: the lengths of its lines times how far they are apart are its area', () => {
    const shape = [
      { x: 3, y: 7 },
      { x: 11, y: 903 },
      { x: 640, y: 700 },
      { x: 402, y: 20 },
    ];
    const area = shape.reduce((sum, a, index) => {
      const b = shape[(index + 1) % shape.length]!;
      return sum + (b.x * a.y - a.x * b.y) / 2;
    }, 0);
    const sum = hatchLines(shape, 0.4, 0.5).reduce(
      (all, [a, b]) => all + Math.hypot(b.x - a.x, b.y - a.y),
      0,
    );
    expect((sum * 0.5) / area).toBeCloseTo(1, 3);
  });
});

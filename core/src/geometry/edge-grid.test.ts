import { expect, it } from 'vitest';
import { EdgeGrid, type Edge } from './edge-grid';
import { distanceToSegment } from './polygon';
import { randomFrom } from './random';

it('finds the nearest of many edges, and all that are near: as asking each of them', () => {
  const random = randomFrom(3);
  for (let run = 0; run < 60; run++) {
    const place = () => ({ x: 9000 * random() - 2000, y: 5000 * random() });
    const edges = Array.from({ length: 1 + Math.floor(120 * random()) }, (): Edge => {
      const a = place();
      return random() < 0.3 ? [a, place()] : [a, { x: a.x + 600 * random(), y: a.y - 400 * random() }];
    });
    const grid = new EdgeGrid(edges);
    for (let i = 0; i < 40; i++) {
      const at = place();
      const all = edges.map((edge) => distanceToSegment(at, ...edge));
      expect(grid.nearest(at)).toBe(Math.min(...all));
      const away = 1500 * random();
      const near = new Set(grid.within(at, away));
      edges.forEach((edge, index) => {
        if (all[index]! <= away) expect(near.has(edge)).toBe(true);
      });
    }
  }
});

it('finds nothing where there are no edges', () => {
  const grid = new EdgeGrid([]);
  expect(grid.nearest({ x: 1, y: 2 })).toBe(Infinity);
  expect(grid.within({ x: 1, y: 2 }, 500)).toEqual([]);
});

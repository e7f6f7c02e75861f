import { describe, expect, it } from 'vitest';
import { floorMesh } from './floor-mesh';
import { narrowestTo, widestWays } from './widest-way';
import type { Point } from './point';
import { contains, distanceToPath, distanceToSegment, forEachEdge } from './polygon';
import { randomFrom } from './random';
import { unionWithin, without } from './region';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const narrowest = (holes: Point[][], from: Point, to: Point) =>
  narrowestTo(widestWays(floorMesh([box(0, 0, 6000, 4000), ...holes])!, from, 300), from, to, 300);
const width = (holes: Point[][], from: Point, to: Point) => narrowest(holes, from, to)!.width;
const [west, east] = [
  { x: 400, y: 2000 },
  { x: 5600, y: 2000 },
];

describe('the narrowest place of the widest way', () => {
  it('is between two things, or a thing and a wall, whichever way is the wider', () => {
    // Past a block: 900 on one side, 1300 on the other.
    expect(width([box(2000, 900, 4000, 2700)], west, east)).toBeCloseTo(1300, 6);
    expect(width([box(2000, 0, 4000, 2700)], west, east)).toBeCloseTo(1300, 6);
    // Between two blocks out of line it is from corner to corner.
    const apart = width([box(2000, 0, 3000, 2200), box(3600, 1900, 4600, 4000)], west, east);
    expect(apart).toBeCloseTo(Math.hypot(600, 0), 6);
    const corners = width([box(2000, 0, 3000, 1800), box(3600, 2500, 4600, 4000)], west, east);
    expect(corners).toBeCloseTo(Math.hypot(600, 700), 6);
  });
  it('is nothing where there is no way, and not told where both ends are one', () => {
    expect(width([box(2000, -10, 2600, 4010)], west, east)).toBe(0);
    expect(narrowest([], west, west)).toBeNull();
    expect(floorMesh([])).toBeNull();
  });

  it('is as wide as the widest disc that a fine scan takes through: random rooms', () => {
    const random = randomFrom(11);
    const [from, to] = [
      { x: 300, y: 300 },
      { x: 3700, y: 2700 },
    ];
    let told = 0;
    for (let run = 0; run < 60; run++) {
      const room = box(0, 0, 4000, 3000);
      const blocks = Array.from({ length: 4 }, () => {
        const [x, y, turn] = [800 + 2400 * random(), 3000 * random(), Math.PI * random()];
        const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
        return box(-500, -150 - 200 * random(), 500, 300).map((at) => ({
          x: x + at.x * cos - at.y * sin,
          y: y + at.x * sin + at.y * cos,
        }));
      }).filter((block) => [from, to].every((end) => distanceToPath(end, [...block, block[0]!]) > 700));
      const rings = without([room], unionWithin(blocks, room));
      const found = narrowestTo(widestWays(floorMesh(rings)!, from, 250), from, to, 250);
      // A wider disc has no room yet where it begins to count.
      if (!found || found.width < 200 || found.width > 850) continue;
      told += 1;
      expect(goesThrough(rings, from, to, found.width - 70)).toBe(true);
      expect(goesThrough(rings, from, to, found.width + 70)).toBe(false);
    }
    expect(told).toBeGreaterThan(10);
  });
});

/** Whether a disc gets from about a place to about another, tried on squares of 20. */
function goesThrough(rings: readonly Point[][], from: Point, to: Point, width: number): boolean {
  const [step, columns, rows] = [20, 200, 150];
  const near = (at: Point, of: Point) => Math.hypot(at.x - of.x, at.y - of.y) <= 250;
  const isFree = (at: Point) => {
    if (rings.filter((ring) => contains(ring, at)).length % 2 === 0) return false;
    if (near(at, from) || near(at, to)) return true;
    let least = Infinity;
    for (const ring of rings)
      forEachEdge(ring, (a, b) => (least = Math.min(least, distanceToSegment(at, a, b))));
    return 2 * least >= width;
  };
  const seen = new Set<number>();
  const open = [Math.floor(from.y / step) * columns + Math.floor(from.x / step)];
  while (open.length > 0) {
    const square = open.pop()!;
    const [column, row] = [square % columns, Math.floor(square / columns)];
    const at = { x: (column + 0.5) * step, y: (row + 0.5) * step };
    if (seen.has(square) || !isFree(at)) continue;
    if (near(at, to)) return true;
    seen.add(square);
    if (column > 0) open.push(square - 1);
    if (column < columns - 1) open.push(square + 1);
    if (row > 0) open.push(square - columns);
    if (row < rows - 1) open.push(square + columns);
  }
  return false;
}

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance, rotate, type Point } from './point';
import { contains } from './polygon';
import { randomFrom } from './random';
import { floorBetween, shortestWalk } from './shortest-walk';

const box = (left: number, bottom: number, width: number, height: number): Point[] => [
  { x: left, y: bottom },
  { x: left + width, y: bottom },
  { x: left + width, y: bottom + height },
  { x: left, y: bottom + height },
];
const room = box(0, 0, 6000, 4000);

describe('the shortest walk', () => {
  it('goes straight where nothing is in the way, and round corners where something is', () => {
    const open = floorBetween(room, []);
    expect(shortestWalk(open, { x: 500, y: 500 }, { x: 5500, y: 3500 })!.length).toBeCloseTo(
      Math.hypot(5000, 3000),
      6,
    );
    const parted = floorBetween(room, [box(2500, 0, 1000, 3000)]);
    const { length, path } = shortestWalk(parted, { x: 1500, y: 1000 }, { x: 4500, y: 1000 })!;
    expect(length).toBeCloseTo(2 * Math.hypot(1000, 2000) + 1000, 2);
    expect(path).toHaveLength(4);
    const shut = floorBetween(room, [box(2500, -10, 1000, 4020)]);
    expect(shortestWalk(shut, { x: 1500, y: 1000 }, { x: 4500, y: 1000 })).toBeNull();
  });

  it('turns at the same corners where two runs meet in a corner only, or by a hair, and shut it', () => {
    const walk = (turn: number, into: number, order: readonly number[]) => {
      const blocks = [
        box(0, 3400, 5400 + into, 600),
        box(5400, 0, 600, 3400 + into),
        box(2000, 0, 800, 3000),
      ];
      const turned = [room, ...order.map((at) => blocks[at]!)].map((one) =>
        one.map((at) => rotate(at, turn)),
      );
      const floor = floorBetween(turned[0]!, turned.slice(1));
      return shortestWalk(floor, rotate({ x: 500, y: 500 }, turn), rotate({ x: 5000, y: 600 }, turn))!.length;
    };
    const expected = Math.hypot(1500, 2500) + 800 + Math.hypot(2200, 2400);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.shuffledSubarray([0, 1, 2], { minLength: 3 }),
        (turn, order) => {
          for (const into of [0, 0.02])
            expect(Math.abs(walk(turn, into, order) - expected)).toBeLessThan(0.02);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('is that over every two corners that see one another: random rooms', () => {
    const random = randomFrom(5);
    for (let run = 0; run < 25; run++) {
      const blocks = Array.from({ length: 5 }, () =>
        box(
          Math.round(400 + 4600 * random()),
          Math.round(300 + 2800 * random()),
          Math.round(200 + 1200 * random()),
          Math.round(200 + 1200 * random()),
        ),
      );
      const [from, to] = [
        { x: 150, y: 3900 * random() + 50 },
        { x: 5850, y: 3900 * random() + 50 },
      ];
      const inner = blocks.map((block) => {
        const [a, , c] = block as [Point, Point, Point, Point];
        return { left: a.x + 0.01, bottom: a.y + 0.01, right: c.x - 0.01, top: c.y - 0.01 };
      });
      /** Whether a place is within a block, or outside the room. */
      const isIn = ({ x, y }: Point) =>
        x < 0 ||
        x > 6000 ||
        y < 0 ||
        y > 4000 ||
        inner.some((one) => x > one.left && x < one.right && y > one.bottom && y < one.top);
      const sees = (a: Point, b: Point) => {
        const parts = Math.ceil(distance(a, b) / 2);
        for (let part = 0; part <= parts; part++) {
          const share = part / parts;
          if (isIn({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share })) return false;
        }
        return true;
      };
      const places = [from, to, ...blocks.flat().filter((corner) => contains(room, corner) && !isIn(corner))];
      const away = places.map((a) => places.map((b) => (sees(a, b) ? distance(a, b) : Infinity)));
      for (let k = 0; k < places.length; k++)
        for (let i = 0; i < places.length; i++)
          for (let j = 0; j < places.length; j++)
            away[i]![j] = Math.min(away[i]![j]!, away[i]![k]! + away[k]![j]!);
      const found = shortestWalk(floorBetween(room, blocks), from, to);
      const brute = away[0]![1]!;
      // Where two blocks cross, the walk turns at no corner of either: the walk found there is no longer.
      if (brute < Infinity) expect(found!.length).toBeLessThan(brute + 1);
      expect(
        found === null ||
          found.path
            .slice(1)
            .every((end, index) => sees(nudged(found.path[index]!, end), nudged(end, found.path[index]!))),
      ).toBe(true);
      if (found && brute < Infinity) expect(found.length).toBeGreaterThan(brute - 1);
    }
  });
});

/** A place a little towards another, off the corner it may lie at. */
function nudged(at: Point, towards: Point): Point {
  const size = distance(at, towards);
  const by = Math.min(0.05, size / 3) / (size || 1);
  return { x: at.x + (towards.x - at.x) * by, y: at.y + (towards.y - at.y) * by };
}

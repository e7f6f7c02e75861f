import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle, shaped } from '../../testing/rooms';
import type { RoomBuilder } from '../demo/build-room';
import { distance, type Point } from '../geometry/point';
import { boundsOf, contains, distanceToSegment, forEachEdge, type Polygon } from '../geometry/polygon';
import { roomShape } from '../survey/room-shape';
import { emptiest } from './emptiest';
import { itemBoxes } from './item-box';

/** How free a place is, told from every edge of the room and of what stands there. */
function freeAt({ design }: RoomBuilder, at: Point, half: number): number {
  const { outline } = roomShape(design);
  const standing = itemBoxes(design).filter(({ low }) => low < 1500);
  if (!contains(outline, at) || standing.some(({ rectangle: own }) => contains(own, at))) return -Infinity;
  const { left, right, bottom, top } = boundsOf(outline);
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  const room = (end: Point) => {
    let nearest = Infinity;
    const edges = (polygon: Polygon) =>
      forEachEdge(polygon, (a, b) => (nearest = Math.min(nearest, distanceToSegment(end, a, b))));
    [outline, ...standing.map(({ rectangle: own }) => own)].forEach(edges);
    return nearest;
  };
  const ends = [0, -half, half].map((by) => ({ x: at.x + by, y: at.y }));
  if (!ends.every((end) => contains(outline, end))) return -1 - distance(at, middle) * 0.05;
  return Math.min(...ends.map(room)) - distance(at, middle) * 0.05;
}

/** The best of all places of the grid. */
function best(builder: RoomBuilder, half: number): number {
  const { left, right, bottom, top } = boundsOf(roomShape(builder.design).outline);
  const places = Array.from({ length: 17 * 17 }, (_, index) => ({
    x: left + ((right - left) * (1 + (index % 17))) / 18,
    y: bottom + ((top - bottom) * (1 + Math.floor(index / 17))) / 18,
  }));
  return Math.max(...places.map((at) => freeAt(builder, at, half)));
}

describe('the emptiest place of a floor', () => {
  const found = (builder: RoomBuilder, half: number) =>
    emptiest(builder.design, roomShape(builder.design).outline, half);

  it('is the middle of an empty room, and no place of a grid is freer in one that is not', () => {
    const empty = rectangle(4000, 3000);
    expect(found(empty, 300)).toEqual({ x: 2000, y: -1500 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 300, max: 3200 }), fc.integer({ min: -2600, max: -300 })), {
          minLength: 1,
          maxLength: 5,
        }),
        fc.constantFrom(0, 200, 600),
        (places, half) => {
          const builder = rectangle(4000, 3000);
          for (const [x, y] of places) builder.place('F600', { on: 'floor', x, y, turn: 0.3 });
          expect(freeAt(builder, found(builder, half), half)).toBeCloseTo(best(builder, half), 6);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('looks past what hangs, not past what stands, and keeps out of what is no room', () => {
    const builder = rectangle(4000, 3000);
    builder.place('F900', { on: 'floor', x: 1600, y: -1200, turn: 0 });
    const beside = found(builder, 0);
    expect(distance(beside, { x: 2000, y: -1500 })).toBeGreaterThan(400);
    const l = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    const at = found(l, 200);
    expect(contains(roomShape(l.design).outline, at)).toBe(true);
    expect(freeAt(l, at, 200)).toBeCloseTo(best(l, 200), 6);
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { galleyWithBay } from '../demo/galley-with-bay';
import { contains, distanceToPath } from '../geometry/polygon';
import { itemBoxes } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { canStand, firstStand, walk, WALKER } from './walk';

describe('walking', () => {
  it('stops before a wall, and goes along a counter', () => {
    const builder = rectangle(4000, 3000);
    const { y } = walk(builder.design, { x: 2000, y: -1500 }, { x: 0, y: 5000 });
    expect(y).toBeLessThanOrEqual(-WALKER);
    expect(y).toBeGreaterThan(-WALKER - 60);
    builder.set('F900', 'face-a', 1500);
    const start = { x: 1600, y: -600 - WALKER - 10 };
    const end = walk(builder.design, start, { x: 600, y: 300 });
    // Along the edge of the top, 600 from the wall, rather than through it.
    expect(end.x).toBeGreaterThan(2000);
    expect(end.y).toBeLessThanOrEqual(-600 - WALKER);
    expect(canStand(builder.design, end)).toBe(true);
  });

  it('never ends in a wall or in anything, wherever it goes', () => {
    const design = galleyWithBay();
    const { outline } = roomShape(design);
    const { at } = firstStand(design);
    expect(canStand(design, at)).toBe(true);
    const way = fc.record({
      x: fc.double({ min: -4000, max: 4000, noNaN: true }),
      y: fc.double({ min: -3000, max: 3000, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(way, { minLength: 1, maxLength: 5 }), (ways) => {
        let place = at;
        for (const by of ways) place = walk(design, place, by);
        expect(contains(outline, place)).toBe(true);
        for (const { footprint, low, high } of itemBoxes(design)) {
          if (low > 1_700 || high < 120) continue;
          expect(contains(footprint, place)).toBe(false);
          expect(distanceToPath(place, [...footprint, footprint[0]!])).toBeGreaterThanOrEqual(WALKER - 1e-6);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('does not go under what hangs lower than a head', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.place('U600/720', { on: 'floor', x: 1800, y: -1200, turn: 0 });
    expect(itemBoxes(builder.design).find((box) => box.id === id)!.low).toBe(1400);
    expect(canStand(builder.design, { x: 2100, y: -1350 })).toBe(false);
  });
});

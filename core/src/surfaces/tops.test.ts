import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { boundsOf } from '../geometry/polygon';
import { tops } from './tops';

describe('tops', () => {
  it('stand past the front and the free ends, and run to a wall', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    builder.set('F900', 'face-a', 600);
    const [top] = tops(builder.design);
    expect(boundsOf(top!.outline.flat())).toEqual({ left: 0, right: 1520, top: 0, bottom: -600 });
    expect(top).toMatchObject({ underside: 870, surface: 900, items: ['item-1', 'item-2'] });
    expect(top!.area).toBeCloseTo(1520 * 600, 3);
  });

  it('stop at a range and at a refrigerator, with no overhang there', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 400);
    builder.set('COOK600', 'face-a', 1000);
    builder.set('F600', 'face-a', 1600);
    builder.set('COLD600', 'face-a', 2200);
    expect(tops(builder.design).map(({ outline }) => boundsOf(outline.flat()))).toEqual([
      { left: 380, right: 1000, top: 0, bottom: -600 },
      { left: 1600, right: 2200, top: 0, bottom: -600 },
    ]);
  });

  it('join round a corner into one', () => {
    const builder = rectangle();
    builder.set('F900', 'face-a', 2540);
    builder.set('F600', 'face-b', 0);
    builder.set('F600', 'face-b', 600);
    const [top, ...rest] = tops(builder.design);
    expect(rest).toEqual([]);
    // Face A: 20 + 900 to the corner box, 600 deep; face B: 600 deep and 1200 + 20 long; the corner counted once.
    expect(top!.area).toBeCloseTo(600 * (4000 - 2520) + 600 * (1220 - 600), 2);
  });

  it('are cut by a wall that is out of square', () => {
    const builder = rectangle(4000, 3000, 4040, 3000);
    builder.set('F600', 'face-c', 0);
    const [top] = tops(builder.design);
    expect(top!.outline[0]!.length).toBeGreaterThanOrEqual(4);
    expect(top!.area).not.toBeCloseTo(620 * 600, 0);
  });

  it('overhang all round on an island', () => {
    const builder = rectangle();
    builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    expect(boundsOf(tops(builder.design)[0]!.outline.flat())).toEqual({
      left: 1480,
      right: 2120,
      top: -1180,
      bottom: -1800,
    });
  });
});

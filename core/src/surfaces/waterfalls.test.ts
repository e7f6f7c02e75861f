import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setEdgeWay } from '../commands/set-edge-way';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopEdge } from '../commands/set-top-edge';
import type { RoomBuilder } from '../demo/build-room';
import { signedArea } from '../geometry/polygon';
import { overhangOf } from './top-facts';
import { tops } from './tops';
import { waterfalls, waterfallSize } from './waterfalls';

/** Two of 600 against face A, free at both ends; their top is 30 thick, 40 and 20 past them. */
function run() {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 1000);
  builder.set('F600', 'face-a', 1600);
  return builder;
}
const all = ({ design }: RoomBuilder) => [...waterfalls(design).values()].flat();
const right = [{ item: 'item-2', side: 'right' }] as const;

describe('a top down to the floor', () => {
  it('stands at its edge, as thick as the top, which comes out at least as far', () => {
    const builder = run();
    expect(all(builder)).toEqual([]);
    builder.run(setEdgeWay, { at: right, way: { waterfall: true } });
    const [one, ...others] = all(builder);
    expect(others).toEqual([]);
    expect(one).toMatchObject({ at: right, low: 0, high: 870 });
    expect(Math.min(...one!.footprint.map(({ x }) => x))).toBeCloseTo(2200, 6);
    expect(Math.max(...one!.footprint.map(({ x }) => x))).toBeCloseTo(2230, 6);
    expect(waterfallSize(one!, 30)).toEqual({ length: 600, area: 600 * 900 });
    const edge = tops(builder.design)[0]!.rings[0]!.edges.find(({ role }) => role === 'right')!;
    expect(overhangOf(builder.design, edge)).toEqual({ overhang: 30, own: false });
    builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang: 12 });
    expect(Math.max(...all(builder)[0]!.footprint.map(({ x }) => x))).toBeCloseTo(2230, 6);
    builder.run(setTopEdge, { ids: ['item-2'], side: 'right', overhang: 265 });
    expect(Math.min(...all(builder)[0]!.footprint.map(({ x }) => x))).toBeCloseTo(2200 + 235, 6);
    builder.run(setEdgeWay, { at: right, way: { waterfall: false } });
    expect(all(builder)).toEqual([]);
  });

  it('leaves out what is made of its corner', () => {
    const builder = run();
    builder.run(setEdgeWay, { at: right, way: { waterfall: true } });
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontRight' }], shape: { radius: 120 } });
    expect(waterfallSize(all(builder)[0]!, 30).length).toBeCloseTo(480, 6);
  });

  it('is mitred to the one beside it', () => {
    const builder = rectangle(4000, 3000);
    builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    const at = [
      { item: 'item-1', side: 'right' },
      { item: 'item-1', side: 'behind' },
    ] as const;
    builder.run(setEdgeWay, { at, way: { waterfall: true } });
    const found = all(builder);
    expect(found).toHaveLength(2);
    // 600 by 560, each 30 out, 40 past the front and 20 past the other end: the mitre takes half of the square from either.
    const areas = found.map(({ footprint }) => signedArea(footprint)).sort((a, b) => a - b);
    expect(areas[0]).toBeCloseTo(630 * 30 - 450, 4);
    expect(areas[1]).toBeCloseTo(650 * 30 - 450, 4);
  });

  it('waits where the edge comes to lie at a wall', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 3400);
    builder.run(setEdgeWay, { at: [{ item: 'item-1', side: 'right' }], way: { waterfall: true } });
    expect(all(builder)).toEqual([]);
  });
});

import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { drawTop } from '../commands/draw-top';
import { editItems } from '../commands/edit-items';
import { setEdgeWay } from '../commands/set-edge-way';
import { setRoom } from '../commands/set-room';
import { recordOf } from '../document/design';
import type { RoomBuilder } from '../demo/build-room';
import { dot, subtract, type Point } from '../geometry/point';
import { solidsOf } from '../solids/solids';
import { roomShape } from '../survey/room-shape';
import { splashes } from './splashes';
import { tops } from './tops';
import { waterfalls } from './waterfalls';

const at = (x: number, y: number): Point => ({ x, y });
/** A rectangle along face A, whose faces run to the right and have the room below them. */
const along = (from: number, to: number, out: number, back = 0) => [
  at(from, -back),
  at(to, -back),
  at(to, -out),
  at(from, -out),
];
function draw(builder: RoomBuilder, outline: readonly Point[], id = 'drawn') {
  builder.run(drawTop, { id, outline });
  return recordOf(builder.design, 'item', id)!;
}
const told = ({ design }: RoomBuilder) =>
  tops(design).map(({ items, area, underside, surface }) => [items.join(' '), area, underside, surface]);

describe('a top that is drawn by itself', () => {
  it('lies at the wall it is drawn along, as thick and high as tops are, its edges its own', () => {
    const builder = rectangle();
    const record = draw(builder, along(500, 1700, 600));
    expect(record.placement).toEqual({ on: 'face', face: 'face-a', from: 'left', distance: 500, off: 0 });
    expect([record.width, record.depth, record.height, record.up, record.corners]).toEqual([
      ...[1200, 600, 30, 870],
      undefined,
    ]);
    expect(told(builder)).toEqual([['drawn', 1200 * 600, 870, 900]]);
    const { edges } = tops(builder.design)[0]!.rings[0]!;
    expect(edges.map(({ role }) => role).sort()).toEqual(['front', 'left', 'right', 'wall']);
    // It is the top that is seen, no box besides.
    expect(
      solidsOf(builder.design)
        .filter(({ id }) => id === 'drawn')
        .map(({ of }) => of),
    ).toEqual(['top']);
  });

  it('is one with a top of its height and thickness that it meets, and level with it wherever that is', () => {
    const builder = rectangle();
    const base = builder.set('F600', 'face-a', 600);
    const [plain] = tops(builder.design);
    const { up, height } = draw(builder, along(1220, 2000, 600));
    expect([up, up + height]).toEqual([plain!.underside, plain!.surface]);
    expect(told(builder)).toEqual([
      [`${base} drawn`, plain!.area + 780 * 600, plain!.underside, plain!.surface],
    ]);
    builder.run(editItems, { ids: ['drawn'], change: { height: height + 0.4 } });
    expect(tops(builder.design)).toHaveLength(1);
    builder.run(editItems, { ids: ['drawn'], change: { height: height + 0.6 } });
    expect(tops(builder.design)).toHaveLength(2);
    builder.run(editItems, { ids: ['drawn'], change: { height, up: up - 200 } });
    expect(told(builder).map(([items]) => items)).toEqual(['drawn', base]);
  });

  it.each([
    [1, 1],
    [1.01, 2],
  ])('%s mm off a top it is level with, they are %s', (off, count) => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 600);
    builder.run(setRoom, { topThickness: 44 });
    const { height, up } = draw(builder, along(1220 + off, 2000, 600));
    expect(height).toBe(44);
    expect(up === tops(builder.design).find(({ items }) => items.includes('drawn'))!.underside).toBe(true);
    expect(new Set(tops(builder.design).map(({ underside }) => underside)).size).toBe(count);
  });

  it('has any outline, its sides moved out by what is typed for the way they look', () => {
    const builder = rectangle(4000, 3000);
    const shape = [
      at(1000, -1000),
      at(2600, -1000),
      at(2600, -1500),
      at(1700, -1500),
      at(1700, -2000),
      at(1000, -2000),
    ];
    const record = draw(builder, shape);
    expect([record.width, record.depth, record.corners!.length]).toEqual([1600, 1000, 6]);
    const area = 1600 * 500 + 700 * 500;
    expect(tops(builder.design)[0]!.area).toBeCloseTo(area, 3);
    builder.run(editItems, { ids: ['drawn'], change: { overhangs: { right: 100 } } });
    expect(tops(builder.design)[0]!.area).toBeCloseTo(area + 100 * 1000, 3);
    builder.run(editItems, { ids: ['drawn'], change: { overhangs: { right: null, front: 50 } } });
    expect(tops(builder.design)[0]!.area).toBeCloseTo(area + 50 * 1600, 3);
  });

  it('stands askew in the room as it was drawn', () => {
    const builder = rectangle(4000, 3000);
    const record = draw(builder, [at(1000, -1000), at(2200, -1500), at(1300, -2100)]);
    expect(record.placement.on).toBe('floor');
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo(Math.abs(1200 * -1100 - 300 * -500) / 2, 1);
    expect(top!.outline[0]).toHaveLength(3);
  });

  it('goes on to a wall that leans away, from 20 off, and not from farther', () => {
    const lean = 40;
    const ends = (gap: number) => {
      const builder = cornered([at(0, 0), at(4000, 0), at(4000 + lean, -3000), at(0, -3000)]);
      draw(builder, along(2500, 4000 - gap, 600));
      const wall = roomShape(builder.design).byId.get('face-b')!;
      const [top] = tops(builder.design);
      return top!.outline[0]!.map((point) => dot(subtract(point, wall.start), wall.n)).sort((a, b) => a - b);
    };
    // Both corners at the end lie on the wall.
    expect(
      ends(10)
        .slice(0, 2)
        .every((off) => Math.abs(off) < 1e-6),
    ).toBe(true);
    // The far corner is 8 farther off than the near one.
    expect(
      ends(12)
        .slice(0, 2)
        .every((off) => Math.abs(off) < 1e-6),
    ).toBe(true);
    expect(ends(12.1)[0]).toBeGreaterThan(12);
  });

  it('carries a splash only where it is asked for, and goes down to the floor as thick as it is', () => {
    const builder = rectangle();
    builder.run(setRoom, { splashHeight: 100 });
    draw(builder, along(500, 1700, 600));
    const standing = () => splashes(builder.design).filter(({ pieces }) => pieces.length > 0);
    expect(standing()).toEqual([]);
    builder.run(setEdgeWay, { at: [{ item: 'drawn', side: 'behind' }], way: { splash: { height: 60 } } });
    expect(standing().map(({ low, high }) => [low, high])).toEqual([[900, 960]]);
    builder.run(editItems, { ids: ['drawn'], change: { height: 50 } });
    builder.run(setEdgeWay, { at: [{ item: 'drawn', side: 'left' }], way: { waterfall: true } });
    const [fall] = [...waterfalls(builder.design).values()].flat();
    const across = fall!.footprint.map(({ x }) => x);
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(50, 6);
    expect([fall!.low, fall!.high]).toEqual([0, 870]);
  });

  it('is as high as tops are where it is set from the shelf', () => {
    const builder = rectangle();
    builder.set('TOP', 'face-a', 500);
    expect(told(builder)).toEqual([['item-1', 1200 * 600, 870, 900]]);
  });

  it('is refused where it is larger than any item, and crosses itself', () => {
    const builder = rectangle(6000, 3000);
    const asked = (outline: readonly Point[]) => drawTop.run(builder.design, { id: 'one', outline });
    expect(asked(along(500, 4500, 600)).ok).toBe(true);
    expect(asked(along(500, 4500.1, 600))).toMatchObject({ ok: false });
    const round = (count: number) =>
      Array.from({ length: count }, (_, index) => {
        const angle = (2 * Math.PI * index) / count;
        return at(3000 + 900 * Math.cos(angle), -1500 + 900 * Math.sin(angle));
      });
    expect(asked(round(60)).ok).toBe(true);
    expect(asked(round(61))).toMatchObject({ refusal: { code: 'outline-fine', data: { most: 60 } } });
    expect(asked([at(0, 0), at(1000, -600), at(1000, 0), at(0, -600)])).toMatchObject({
      refusal: { code: 'outline-crossing' },
    });
  });
});

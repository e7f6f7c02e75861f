import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../testing/rooms';
import { putFixed } from '../commands/put-fixed';
import { setTopCorner } from '../commands/set-top-corner';
import { setTopEdge } from '../commands/set-top-edge';
import { roomOf } from '../document/design';
import type { RoomBuilder } from '../demo/build-room';
import { direction, distance, place, type Point } from '../geometry/point';
import { signedArea } from '../geometry/polygon';
import { intersect, union } from '../geometry/region';
import { itemBoxes } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { plinths } from './plinths';
import { tops } from './tops';

/** A room whose faces A (4000) and B (4000) meet at an inside angle, degrees; base units of 600 along A up to `a` from their corner, along B from `b` on. */
function corner(angle: number, a: number, b: number): RoomBuilder {
  const turn = Math.PI - (angle * Math.PI) / 180;
  const along = direction(-turn);
  const [start, at] = [
    { x: 0, y: 0 },
    { x: 4000, y: 0 },
  ];
  const end = place(at, along, 4000, along, 0);
  const builder = cornered([start, at, end, { x: -3000, y: end.y - 100 }, { x: -3000, y: 300 }]);
  builder.set('F600', 'face-a', 4000 - a - 600);
  builder.set('F600', 'face-a', 4000 - a - 1200);
  builder.set('F600', 'face-b', b);
  builder.set('F600', 'face-b', b + 600);
  return builder;
}

const area = (region: readonly (readonly Point[])[]) =>
  region.reduce((sum, ring) => sum + signedArea(ring), 0);

describe('runs that meet in a corner', () => {
  it.each([60, 87.5, 90, 94, 135, 160])('carry one top of six corners at %s degrees', (angle) => {
    const reach = 560 / Math.tan((angle * Math.PI) / 360);
    const builder = corner(angle, reach + 0.01, reach + 0.01);
    const found = tops(builder.design);
    expect(found).toHaveLength(1);
    const { edges } = found[0]!.rings[0]!;
    expect(edges.map(({ role, items }) => [role, items.join(' ')])).toEqual(
      expect.arrayContaining([
        ['front', 'item-2 item-1'],
        ['front', 'item-3 item-4'],
        ['left', 'item-2'],
        ['right', 'item-4'],
        ['wall', ''],
        ['wall', ''],
      ]),
    );
    expect(edges).toHaveLength(6);
    // The fronts cross by the angle: half of it, over the depth with its overhang.
    const { frontOverhang, endOverhang } = roomOf(builder.design);
    const front = edges.find(({ role, items }) => role === 'front' && items[0] === 'item-2')!;
    const inner = (560 + frontOverhang) / Math.tan((angle * Math.PI) / 360);
    expect(distance(front.a, front.b)).toBeCloseTo(1200 + reach + 0.01 + endOverhang - inner, 6);
  });

  it('agree with the polygon library wherever they begin, at any angle and depth', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        number(50, 165),
        number(0, 60),
        number(0, 60),
        fc.boolean(),
        (angle, more, less, second) => {
          const reach = 560 / Math.tan((angle * Math.PI) / 360);
          // One comes up to where their fronts cross, the other to the corner if it may.
          const near = angle < 90 ? reach + more : second ? more : reach + more;
          const builder = corner(angle, reach + less, near);
          const found = tops(builder.design);
          expect(found).toHaveLength(1);
          const { frontOverhang: over, endOverhang: past } = roomOf(builder.design);
          const shape = roomShape(builder.design);
          const [a, b] = [shape.byId.get('face-a')!, shape.byId.get('face-b')!];
          const strip = (origin: Point, u: Point, n: Point, from: number, to: number) =>
            [
              [from, -500],
              [to, -500],
              [to, 560 + over],
              [from, 560 + over],
            ].map(([along, out]) => place(origin, u, along!, n, out!));
          const begin = 4000 - (reach + less) - 1200 - past;
          const region = intersect(
            union([
              strip(a.start, a.u, a.n, begin, 4000 + 900),
              strip(b.start, b.u, b.n, -900, near + 1200 + past),
            ]),
            [shape.outline],
          );
          // What of one strip goes past the other's front line beyond where they cross is no top.
          expect(Math.abs(area(region) - found[0]!.area)).toBeLessThan(1e-3 * 9000);
        },
      ),
      { numRuns: 100 },
    );
  });

  it('stay apart where one of them ends before the corner', () => {
    expect(tops(corner(90, 560, 560 + 60).design)).toHaveLength(1);
    expect(tops(corner(90, 560, 560 + 61).design)).toHaveLength(2);
    expect(tops(corner(90, 560 + 61, 0).design)).toHaveLength(2);
  });

  it('stay apart where one of them begins past the leg of a corner cabinet, on either side: a range stands between', () => {
    const kitchen = (mirrored: boolean, gap: number, between?: string) => {
      const builder = rectangle(4000, 3000);
      const [own, next] = mirrored ? (['face-b', 'face-a'] as const) : (['face-a', 'face-d'] as const);
      builder.set('F900-L', own, 0);
      const long = mirrored ? 4000 : 3000;
      if (between) builder.set(between, next, long - 900 - gap);
      builder.set('F600', next, long - 900 - gap - 600);
      return builder.design;
    };
    for (const mirrored of [false, true]) {
      expect(tops(kitchen(mirrored, 60))).toHaveLength(1);
      expect(tops(kitchen(mirrored, 61))).toHaveLength(2);
      const design = kitchen(mirrored, 600, 'COOK600');
      const range = itemBoxes(design).find(({ kind }) => kind.id === 'cooker')!;
      expect(tops(design)).toHaveLength(2);
      for (const { outline } of tops(design)) expect(intersect(outline, [range.footprint])).toEqual([]);
      for (const { outline } of plinths(design)) expect(intersect([outline], [range.footprint])).toEqual([]);
    }
  });
});

describe('an edge of a top', () => {
  it('stands out by itself, stepping where the next does not, and says whose side it is', () => {
    const builder = rectangle();
    const ids = [0, 600, 1200].map((at) => builder.set('F600', 'face-a', at));
    builder.run(setTopEdge, { ids: [ids[1]!], side: 'front', overhang: 300 });
    const [top] = tops(builder.design);
    const fronts = top!.rings[0]!.edges.filter(({ role }) => role === 'front');
    expect(fronts.map(({ items }) => items).sort()).toEqual([['item-1'], ['item-2'], ['item-3']]);
    expect(top!.area).toBeCloseTo(1820 * 600 + 600 * (300 - 40), 6);
    builder.run(setTopEdge, { ids: [ids[0]!, ids[2]!], side: 'front', overhang: 300 });
    expect(tops(builder.design)[0]!.rings[0]!.edges.map(({ role, items }) => [role, ...items])).toEqual(
      expect.arrayContaining([
        ['front', 'item-1', 'item-2', 'item-3'],
        ['right', 'item-3'],
      ]),
    );
  });

  it('is cut round what stands in its way, and says at what it lies', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const plain = tops(builder.design)[0]!.area;
    builder.run(putFixed, {
      kind: 'fixed',
      id: 'box',
      type: 'pipe-box',
      up: 0,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 },
      width: 100,
      depth: 120,
      height: 2400,
    });
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo(plain - 100 * 120, 6);
    expect(top!.rings[0]!.edges.filter(({ role }) => role === 'fixed').map(({ at }) => at)).toEqual([
      'box',
      'box',
    ]);
  });
});

describe('a corner of a top', () => {
  it('is round or cut as the item at it says, outside and inside, and keeps its edges', () => {
    const reach = 560 + 0.01;
    const builder = corner(90, reach, reach);
    const plain = tops(builder.design)[0]!;
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontLeft' }], shape: { radius: 100 } });
    const lost = 100 * 100 * (1 - Math.PI / 4);
    expect(tops(builder.design)[0]!.area).toBeCloseTo(plain.area - lost, 6);
    builder.run(setTopCorner, {
      at: [
        { item: 'item-1', corner: 'frontRight' },
        { item: 'item-3', corner: 'frontLeft' },
      ],
      shape: { chamfer: 80 },
    });
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo(plain.area - lost + (80 * 80) / 2, 6);
    expect(top!.rings[0]!.parts.map(({ type }) => type).sort()).toEqual([
      'arc',
      'chamfer',
      ...Array.from({ length: 6 }, () => 'edge'),
    ]);
    // Too large for the end: all are left sharp, and it says at which edge.
    builder.run(setTopCorner, { at: [{ item: 'item-2', corner: 'frontLeft' }], shape: { radius: 700 } });
    expect(tops(builder.design)[0]).toMatchObject({ rings: [{ tooLarge: 'left item-2' }] });
    expect(tops(builder.design)[0]!.area).toBeCloseTo(plain.area, 6);
  });

  it('between the fronts of a corner cabinet is its own, apart from those at its ends', () => {
    const builder = rectangle();
    builder.set('F900-L', 'face-a', 0);
    const plain = tops(builder.design)[0]!;
    builder.run(setTopCorner, { at: [{ item: 'item-1', corner: 'inner' }], shape: { chamfer: 80 } });
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo(plain.area + (80 * 80) / 2, 6);
    expect(top!.rings[0]!.parts.filter(({ type }) => type === 'chamfer')).toHaveLength(1);
  });
});

import { describe, expect, it } from 'vitest';
import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { must } from '../../result';
import { bestGrid } from '../best-grid';
import { cutWidths, setOutCurves, type SetOutCurves } from './set-out-curves';
import { layZone } from './zone-laying';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const zone: ZoneRecord = {
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 300, h: 200 }, joint: 3, origin: { x: 20, y: 0 }, angle: 0 },
};
const drawn = (of: ZoneRecord, ring: Point[]): SetOutCurves => {
  let last: SetOutCurves | null = null;
  for (const curves of setOutCurves(of, [ring], [])) last = curves;
  return last!;
};

describe('the curves of a zone', () => {
  it('are its best narrowest cut at each joint, its own among them', () => {
    const ring = box(0, 0, 2123, 1517);
    const { joint } = drawn({ ...zone, joint: 2.2 }, ring);
    expect(joint.map(({ at }) => at)).toEqual([
      1, 1.5, 2, 2.2, 2.5, 3, 3.5, 4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 8,
    ]);
    for (const { at, narrowest } of joint) {
      const { best } = bestGrid({ zone: [ring], tile: zone.tile, angle: 0, joints: [at] });
      expect(narrowest).toBeCloseTo(Math.min(200, best), 3);
    }
  });

  it('are what is laid at each offset, the same again after a whole repeat', () => {
    const ring = box(0, 0, 1950, 1400);
    const { along, across } = drawn(zone, ring);
    expect([along.length, across.length]).toEqual([41, 41]);
    for (const [points, way] of [
      [along, { x: 303, y: 0 }],
      [across, { x: 0, y: 203 }],
    ] as const) {
      expect(points.at(-1)).toEqual({ ...points[0], at: 1 });
      for (const { at, narrowest, cut, pieces } of points.filter((_, index) => index % 7 === 0)) {
        const origin = { x: 20 + at * way.x, y: at * way.y };
        const laid = must(layZone({ ...zone, origin }, [ring]));
        expect([narrowest, cut, pieces]).toEqual([
          laid.narrowest,
          laid.count.cut,
          laid.count.cut + laid.count.whole,
        ]);
      }
    }
  });

  it('tell how wide cuts are: both ways the narrower, of what is bored only nothing', () => {
    const { laid } = must(layZone({ ...zone, origin: { x: 0, y: 0 } }, [box(0, 0, 700, 450)]));
    // Columns of 300, 300 and 94, rows of 200, 200 and 44.
    const widths = cutWidths(laid.pieces).sort((a, b) => a - b);
    expect(widths.map((width) => Math.round(width * 1e6) / 1e6)).toEqual([44, 44, 44, 94, 94]);
    const bored = must(layZone(zone, [box(20, 0, 320, 200), box(100, 100, 150, 150).reverse()]));
    expect(bored.count.cut).toBe(1);
    expect(cutWidths(bored.laid.pieces)).toEqual([]);
  });
});

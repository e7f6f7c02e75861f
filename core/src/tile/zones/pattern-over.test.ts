import { describe, expect, it } from 'vitest';
import type { ZonePattern, ZoneRecord } from '../../document/records';
import { signedArea } from '../../geometry/polygon';
import { intersect } from '../../geometry/region';
import { must } from '../../result';
import { Frame } from '../frame';
import { patternExtent, patternOver } from './pattern-over';
import { layZone, originOf, zoneCell } from './zone-laying';

const zone: ZoneRecord = {
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 150, h: 75 }, joint: 3 },
  ...{ origin: { x: 310, y: -170 }, angle: 0.4 },
};
const ring = [
  { x: 0, y: 0 },
  { x: 1300, y: 80 },
  { x: 1200, y: 900 },
  { x: 500, y: 950 },
  { x: 480, y: 400 },
  { x: 0, y: 420 },
];

describe('a pattern over all that a field reaches', () => {
  it.each<ZonePattern>([
    { type: 'grid' },
    { type: 'running', offset: { n: 1, d: 3 } },
    { type: 'herringbone90' },
    { type: 'hexagon' },
  ])('is that field, once it is cut off at its edges: $type', (pattern) => {
    const own = { ...zone, pattern, ...(pattern.type === 'hexagon' && { tile: { w: 86.6, h: 100 } }) };
    const laid = must(layZone(own, [ring]));
    const extent = patternExtent(laid, originOf(own));
    const { pieces } = must(patternOver(laid.cell, extent));
    const frame = new Frame(originOf(own));
    const areas = pieces.map((piece) => {
      const cut = intersect(
        [ring],
        piece.outline().map((one) => one.map((at) => frame.from(at))),
      );
      return cut.reduce((sum, one) => sum + signedArea(one), 0);
    });
    expect(areas.reduce((sum, area) => sum + area, 0) / laid.field.tiledArea).toBeCloseTo(1, 5);
    expect(areas.filter((area) => area > 1)).toHaveLength(
      laid.field.pieces.filter(({ area }) => area > 1).length,
    );
  });

  it('reaches as far along and across it as the field does', () => {
    const square = { ...zone, angle: Math.PI / 2, origin: { x: 100, y: 50 } };
    const laid = must(layZone(square, [ring]));
    expect(patternExtent(laid, originOf(square))).toEqual({ left: -50, right: 900, bottom: -1200, top: 100 });
  });

  it('repeats the very same cell wherever it begins', () => {
    const cell = must(zoneCell(zone));
    const moved: ZoneRecord = { ...zone, origin: { x: 1, y: 2 }, angle: 1 };
    expect(must(zoneCell(moved))).toBe(cell);
    expect(must(zoneCell({ ...zone, joint: 4 }))).not.toBe(cell);
  });
});

import { describe, expect, it } from 'vitest';
import { zonePatterns, type ZonePatternType } from '../../document/limits';
import type { ZonePattern, ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { must } from '../../result';
import { layZone } from './zone-laying';

const ring: Point[] = [
  { x: -1000, y: -700 },
  { x: 1000, y: -700 },
  { x: 1000, y: 700 },
  { x: -1000, y: 700 },
];
const sizeOf = (type: ZonePatternType) => (type === 'basketweave' ? { w: 306, h: 100 } : { w: 263, h: 100 });
/** The middles of all tiles, as texts, from the left and from the right. */
function middles(pattern: ZonePattern, x = 0): [string[], string[]] {
  const zone: ZoneRecord = {
    ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
    ...{ pattern, tile: sizeOf(pattern.type), joint: 3, origin: { x, y: 11 }, angle: 0 },
  };
  const found = must(layZone(zone, [ring])).laid.pieces.map((piece) => {
    const all = piece.uncut();
    const sum = all.reduce((one, other) => ({ x: one.x + other.x, y: one.y + other.y }));
    return { x: sum.x / all.length, y: sum.y / all.length };
  });
  const said = (turn: number) =>
    found.map((at) => `${(Math.round(at.x * turn * 1e3) + 0) / 1e3} ${Math.round(at.y * 1e3) / 1e3}`).sort();
  return [said(1), said(-1)];
}

describe('a mirrored pattern', () => {
  it.each(zonePatterns.filter((type) => !['grid', 'running', 'vertical', 'plank'].includes(type)))(
    '%s lies as in a mirror at its origin',
    (type) => {
      const [, turned] = middles({ type });
      const [mirrored] = middles({ type, mirrored: true });
      expect(mirrored).toEqual(turned);
    },
  );

  it('of rows begins with a tile at its origin, rows moved on the other way', () => {
    for (const pattern of [
      { type: 'running', offset: { n: 1, d: 3 } },
      { type: 'plank', stagger: [0, 40, 130] },
      { type: 'plank', random: { seed: 4, least: 20 } },
    ] as const) {
      const stated: ZonePattern = JSON.parse(JSON.stringify(pattern)) as ZonePattern;
      // In a mirror at the origin a tile ends there: begun a tile to the right, the images are the same.
      const [, turned] = middles(stated);
      const [mirrored] = middles({ ...stated, mirrored: true }, -263);
      expect(mirrored).toEqual(turned);
      expect(middles(stated)[0]).not.toEqual(mirrored);
    }
  });
});

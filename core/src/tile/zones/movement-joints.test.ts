import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ZoneRecord } from '../../document/records';
import { boundsOf } from '../../geometry/polygon';
import type { Point } from '../../geometry/point';
import { must } from '../../result';
import { movementJoints } from './movement-joints';
import { layZone } from './zone-laying';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const zoneOf = (change: Partial<ZoneRecord> = {}): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 597, h: 297 }, joint: 3, origin: { x: 100, y: 0 }, angle: 0 },
  ...change,
});

describe('movement joints', () => {
  it('are proposed where a field is longer than it may be, just and not', () => {
    expect(movementJoints(zoneOf(), [box(0, 0, 6000, 4000)])).toEqual([]);
    const [one, ...others] = movementJoints(zoneOf(), [box(0, 0, 6001, 4000)]);
    expect(others).toEqual([]);
    // Tiles begin at 100: the joint nearest to 3000.5 is before 3100, its middle at 3098.5.
    expect(one).toEqual({ a: { x: 3098.5, y: 0 }, b: { x: 3098.5, y: 4000 }, cut: false });
    expect(movementJoints(zoneOf({ sunny: true }), [box(0, 0, 3000, 3000)])).toEqual([]);
    expect(movementJoints(zoneOf({ sunny: true }), [box(0, 0, 3000, 3001)])).toHaveLength(1);
  });

  it('go round what stands there', () => {
    const joints = movementJoints(zoneOf(), [box(0, 0, 8000, 4000), box(3900, 1000, 4500, 2000).reverse()]);
    expect(joints.map(({ a, b }) => [a.x, a.y, b.y])).toEqual([
      [3698.5 + 600, 0, 1000],
      [3698.5 + 600, 2000, 4000],
    ]);
  });

  it('run along the rows of a bond, and cut across them', () => {
    const bond = zoneOf({ pattern: { type: 'running' } });
    const joints = movementJoints(bond, [box(0, 0, 7000, 7000)]);
    expect(joints.map(({ cut }) => cut)).toEqual([true, false]);
    expect(joints[0]!.a.x).toBe(3500);
    expect((joints[1]!.a.y + 1.5) % 300).toBeCloseTo(0, 6);
  });

  it('part every grid into fields short enough, in joints that no tile lies in', () => {
    fc.assert(
      fc.property(
        fc.record({
          w: fc.integer({ min: 1000, max: 20_000 }),
          h: fc.integer({ min: 1000, max: 9000 }),
          tile: fc.integer({ min: 100, max: 1200 }),
          x: fc.integer({ min: -900, max: 900 }),
          angle: fc.constantFrom(0, Math.PI / 2),
        }),
        ({ w, h, tile, x, angle }) => {
          const zone = zoneOf({ tile: { w: tile, h: tile + 50 }, origin: { x, y: 17 }, angle });
          const rings = [box(0, 0, w, h)];
          const joints = movementJoints(zone, rings);
          const upright = joints.filter(({ a, b }) => Math.abs(a.x - b.x) < 1e-6).map(({ a }) => a.x);
          const stops = [0, ...upright.toSorted((a, b) => a - b), w];
          for (const [index, at] of stops.slice(1).entries())
            expect(at - stops[index]!).toBeLessThanOrEqual(6000 + 1e-6);
          const pieces = must(layZone(zone, rings)).laid.pieces.map((piece) =>
            boundsOf(piece.outline().flat()),
          );
          for (const at of upright)
            expect(pieces.filter(({ left, right }) => left < at - 1 && right > at + 1)).toEqual([]);
        },
      ),
      { numRuns: 40 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import { boundsOf, contains, signedArea, type Polygon } from '../../geometry/polygon';
import { intersect } from '../../geometry/region';
import { must } from '../../result';
import { cutPlan, lostOf, type PlannedTile } from './cut-plan';
import { cutTypes } from './cut-types';
import { tiledZone } from './zone-laying';
import { zoneOrder, type ZoneOrder } from './zone-order';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const zoneOf = (change: Partial<ZoneRecord> = {}): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 600, h: 300 }, joint: 0, origin: { x: 0, y: 0 }, angle: 0 },
  ...change,
});
function planned(zone: ZoneRecord, rings: readonly Polygon[]): { order: ZoneOrder; tiles: PlannedTile[] } {
  const laid = must(tiledZone({ record: zone, rings, holes: [] }));
  const order = must(zoneOrder(zone, laid));
  return { order, tiles: cutPlan(order, cutTypes(laid.laid.pieces)) };
}
const area = (rings: readonly Polygon[]) => rings.reduce((sum, ring) => sum + signedArea(ring), 0);

describe('the cutting plan of a zone', () => {
  // Two whole ones and 250 of a third in each of two rows: both are cut from one tile.
  const rings = [box(0, 0, 1450, 600)];

  it('shows each tile with what is cut from it, as it lies there, a kerf apart', () => {
    const { order, tiles } = planned(zoneOf(), rings);
    expect(order.tiles).toBe(5);
    expect(tiles).toHaveLength(1);
    const [{ pieces, outline, alike }] = tiles as [PlannedTile];
    expect(boundsOf(outline)).toEqual({ left: 0, right: 600, bottom: 0, top: 300 });
    expect(alike).toHaveLength(1);
    expect(pieces.map(({ number }) => number)).toEqual([1, 1]);
    const extents = pieces.map((piece) => boundsOf(piece.outline.flat())).sort((a, b) => a.left - b.left);
    expect(extents).toEqual([
      { left: 0, right: 250, bottom: 0, top: 300 },
      { left: 350, right: 600, bottom: 0, top: 300 },
    ]);
    expect(lostOf(tiles[0]!)).toBeCloseTo(1 / 6, 9);
  });

  it('gives a piece a tile of its own where that is said of its place, and all of them where nothing is used again', () => {
    const { tiles } = planned(zoneOf(), rings);
    const { middle } = tiles[0]!.pieces[0]!;
    expect(middle).toMatchObject({ x: 1500 });
    const apart = planned(zoneOf({ reuse: { apart: [middle] } }), rings);
    expect([apart.order.tiles, apart.tiles.flatMap(({ alike }) => alike).length]).toEqual([6, 2]);
    // Of a tile that lies elsewhere nothing is said.
    expect(planned(zoneOf({ reuse: { apart: [{ x: 1500, y: 151 }] } }), rings).order.tiles).toBe(5);
    expect(planned(zoneOf({ reuse: { off: true } }), rings).order.tiles).toBe(6);
  });

  it('goes by the saw and by how tiles may be turned', () => {
    const wide = [box(0, 0, 1500, 600)];
    const tiles = (reuse: ZoneRecord['reuse']) => planned(zoneOf({ reuse: reuse! }), wide).order.tiles;
    // Two of 300: without a kerf from one tile.
    expect([tiles({ kerf: 0 }), tiles({ kerf: 0.1 }), tiles({})]).toEqual([5, 6, 6]);
    // The second half has its own factory side at the left: unturned it can't lie at the right.
    expect([tiles({ kerf: 0, turned: 'none' }), tiles({ kerf: 0, turned: 'quarters' })]).toEqual([6, 5]);
  });

  it('has of every cut piece its true outline, within its tile and beside the others', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('grid', 'herringbone90', 'running', 'hexagon', 'octagon-dot'),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 0, max: 80 }),
        (type, x, slant) => {
          const zone = zoneOf({
            ...{ pattern: { type }, tile: { w: 240, h: type === 'hexagon' ? 240 : 120 }, joint: 3 },
            ...{ origin: { x, y: 7 }, reuse: { turned: 'quarters' } },
          });
          const ring = box(0, 0, 1000, 700);
          ring[2] = { x: 1000 + slant, y: 700 };
          const { order, tiles } = planned(zone, [ring]);
          const all = tiles.flatMap(({ alike }) => alike);
          const whole = order.sizes.reduce((sum, size) => sum + size.whole, 0);
          expect(all.length).toBe(order.tiles - whole);
          const cut = order.sizes.flatMap((size) => size.cut);
          const lying = cut.reduce((sum, { laid }) => sum + laid.area, 0);
          expect(all.flat().reduce((sum, { outline }) => sum + area(outline), 0)).toBeCloseTo(lying, 2);
          for (const { outline, pieces } of tiles)
            for (const [index, piece] of pieces.entries()) {
              const { x, y } = piece.label;
              expect(piece.outline.filter((ring) => contains(ring, { x, y }))).toHaveLength(1);
              expect(area(intersect(piece.outline, [outline]))).toBeCloseTo(area(piece.outline), 0);
              for (const other of pieces.slice(0, index))
                expect(area(intersect(piece.outline, other.outline))).toBeCloseTo(0, 1);
            }
        },
      ),
      { numRuns: 30 },
    );
  });
});

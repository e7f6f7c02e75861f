import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../geometry/point';
import { must } from '../result';
import { boughtFor, tileNeeds, type CutListed } from './cut-list';
import { lay } from './lay';
import type { Reuse } from './offcuts/piece-types';
import { cellOf, type TileSize } from './pattern';
import { repeatOf, type PatternChoice } from './patterns';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const REUSE: Reuse = { kerf: 3, turns: [0, 180] };
const laidOver = (
  zone: Point[][],
  choice: PatternChoice,
  size: TileSize,
  joint: number,
  at = { x: 0, y: 0 },
) => must(lay(zone, must(cellOf(repeatOf(choice), size, joint)), { at, angle: 0 }));
const sides = ({ w, h, factory }: CutListed) => [
  Math.round(w * 10) / 10,
  Math.round(h * 10) / 10,
  [...factory].sort().join(),
];

describe('the cut list of a zone', () => {
  it('has every cut piece with the sides that stay: those on which nothing was cut off', () => {
    const laid = laidOver([box(0, 0, 1000, 600)], { type: 'grid' }, { w: 300, h: 200 }, 3);
    const [need] = must(tileNeeds(laid, REUSE));
    expect(need).toMatchObject({ tile: { w: 300, h: 200 }, whole: 6, withoutReuse: 12 });
    expect(need!.cut.map(sides).sort()).toEqual(
      [
        [91, 200, 'bottom,left,top'],
        [91, 200, 'bottom,left,top'],
        [91, 194, 'bottom,left'],
        [300, 194, 'bottom,left,right'],
        [300, 194, 'bottom,left,right'],
        [300, 194, 'bottom,left,right'],
      ].sort(),
    );
    // Two of the strips at the right come from one tile, one of them turned; all else is too high.
    expect(need!.tiles).toBe(6 + 5);
    expect(need!.plan).toMatchObject({ proven: true });
  });

  it('has no piece larger than its tile, where an edge runs along tiles but for a hair', () => {
    // A side that goes over one of tiles' so slowly that where they meet is known to no more than a ten thousandth.
    const outline = [
      [0, 0],
      [499, 0],
      [500, 300],
      [5.99, 300],
    ] as const;
    const zone = [outline.map(([x, y]) => ({ x, y }))];
    const cell = must(cellOf(repeatOf({ type: 'grid' }), { w: 5, h: 518 }, 0));
    const laid = must(lay(zone, cell, { at: { x: 0, y: 1336 }, angle: 5.7e-8 }));
    const [need] = must(tileNeeds(laid, { kerf: 0, turns: [0, 180] }));
    expect(need!.cut.length).toBeGreaterThan(90);
    expect(Math.max(...need!.cut.map(({ h }) => h))).toBeLessThanOrEqual(5);
  });

  it('turns upright pieces back to the tile as it comes', () => {
    const laid = laidOver([box(0, 0, 400, 400)], { type: 'herringbone90' }, { w: 150, h: 50 }, 0);
    const [need] = must(tileNeeds(laid, REUSE));
    for (const { w, h, factory, laid: one } of need!.cut) {
      expect([w <= 150 + 1e-6, h <= 50 + 1e-6]).toEqual([true, true]);
      expect(w * h).toBeCloseTo(one.area, 6);
      // One that is not shortened has both ends, and one not narrowed both long sides.
      expect([
        factory.includes('left') && factory.includes('right'),
        factory.includes('bottom') && factory.includes('top'),
      ]).toEqual([Math.abs(w - 150) < 1e-6, Math.abs(h - 50) < 1e-6]);
    }
    const upright = need!.cut.find(({ laid: one }) => one.piece.slot === 'upright')!;
    expect(upright.w).toBeGreaterThanOrEqual(upright.h);
  });

  it('takes a tile for each cut piece where its size is no rectangle, or nothing is to be used again', () => {
    const hexagons = must(
      tileNeeds(laidOver([box(0, 0, 700, 500)], { type: 'hexagon' }, { w: 100, h: 100 }, 2), REUSE),
    );
    expect(hexagons).toHaveLength(1);
    expect(hexagons[0]!.tiles).toBe(hexagons[0]!.withoutReuse);
    const grid = laidOver([box(0, 0, 1000, 600)], { type: 'grid' }, { w: 300, h: 200 }, 3);
    expect(must(tileNeeds(grid, null))[0]).toMatchObject({ tiles: 12, plan: null });
    const sizes = must(
      tileNeeds(laidOver([box(0, 0, 1500, 1500)], { type: 'three-sizes' }, { w: 300, h: 300 }, 4), null),
    );
    expect(sizes.map(({ tile }) => [Math.round(tile.w), Math.round(tile.h)])).toEqual([
      [300, 300],
      [300, 148],
      [148, 148],
    ]);
  });

  it('never needs more tiles than pieces, nor fewer than their area', () => {
    const setup = fc.record({
      width: fc.integer({ min: 500, max: 1_600 }),
      depth: fc.integer({ min: 400, max: 1_200 }),
      w: fc.integer({ min: 150, max: 420 }),
      x: fc.integer({ min: -200, max: 200 }),
      type: fc.constantFrom<PatternChoice>(
        { type: 'grid' },
        { type: 'running', offset: [1, 3] },
        { type: 'plank', stagger: [0, 77, 150] },
      ),
    });
    fc.assert(
      fc.property(setup, ({ width, depth, w, x, type }) => {
        const laid = laidOver([box(0, 0, width, depth)], type, { w, h: 150 }, 2, { x, y: x / 3 });
        const [need] = must(tileNeeds(laid, REUSE));
        expect(need!.tiles).toBeLessThanOrEqual(need!.withoutReuse);
        expect(need!.tiles * w * 150).toBeGreaterThanOrEqual(laid.tiledArea - 1e-3);
      }),
      { numRuns: 40 },
    );
  });

  it('is bought by the box, with spares, the waste a line of its own', () => {
    const laid = laidOver([box(0, 0, 1000, 600)], { type: 'grid' }, { w: 300, h: 200 }, 3);
    const [need] = must(tileNeeds(laid, null));
    // Twelve and a tenth are fourteen; in boxes of six, three boxes: eighteen tiles.
    const bought = boughtFor(need!, laid.tiledArea, { perBox: 6, spares: 0.1 });
    expect(bought).toMatchObject({ tiles: 14, boxes: 3 });
    expect(bought.waste).toBeCloseTo(1 - laid.tiledArea / (18 * 60_000), 12);
    expect(boughtFor(need!, laid.tiledArea, { perBox: 6, spares: 0 })).toMatchObject({ tiles: 12, boxes: 2 });
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceToSegment, forEachEdge, signedArea, type Polygon } from '../geometry/polygon';
import { union } from '../geometry/region';
import { must } from '../result';
import { cellOf, type Cell, type TileSize } from './pattern';
import { patternTypes, repeatOf, type PatternChoice, type PatternType } from './patterns';

/** Every pattern, as it is chosen, and a tile it is made of. */
const choiceOf = (type: PatternType): PatternChoice => {
  if (type === 'running' || type === 'vertical') return { type, offset: [1, 3] };
  if (type === 'plank') return { type, stagger: [0, 310, 140, 455] };
  if (type === 'basketweave') return { type, n: 3 };
  return { type };
};
const sizeOf = (type: PatternType, h: number, joint: number): TileSize =>
  type === 'basketweave' ? { w: 3 * h + 2 * joint, h } : { w: 2.6 * h + 3 * joint, h };

/** The pieces of a cell all round its middle one, as often as needed to surround that. */
function around({ a, b, pieces }: Cell, times: number): Polygon[] {
  const rings: Polygon[] = [];
  for (let i = -times; i <= times; i++)
    for (let k = -times; k <= times; k++)
      for (const { ring } of pieces)
        rings.push(ring.map(({ x, y }) => ({ x: x + i * a.x + k * b.x, y: y + i * a.y + k * b.y })));
  return rings;
}

const areaOf = (rings: readonly Polygon[]) => rings.reduce((sum, ring) => sum + signedArea(ring), 0);

describe.each(patternTypes)('the pattern %s', (type) => {
  it('fills the plane: without a joint its pieces are as large as its repeat, and none lies on another', () => {
    const size = fc.record({
      h: fc.integer({ min: 40, max: 300 }),
      joint: fc.constantFrom(0, 1.5, 3, 8),
    });
    fc.assert(
      fc.property(size, ({ h, joint }) => {
        const cell = must(cellOf(repeatOf(choiceOf(type)), sizeOf(type, h, joint), joint));
        const repeat = Math.abs(cell.a.x * cell.b.y - cell.a.y * cell.b.x);
        const own = areaOf(cell.pieces.map(({ ring }) => ring));
        if (joint === 0 && type !== 'penny') expect(own / repeat).toBeCloseTo(1, 9);
        // By another library: what overlaps is lost in the union.
        const all = around(cell, 2);
        expect(areaOf(union(all)) / areaOf(all)).toBeCloseTo(1, 4);
      }),
      { numRuns: 6 },
    );
  });

  it('has its joint round every piece, no narrower, and no wider where sides face one another', () => {
    const joint = 4;
    const cell = must(cellOf(repeatOf(choiceOf(type)), sizeOf(type, 100, joint), joint));
    const all = around(cell, 3);
    for (const { ring } of cell.pieces) {
      const others = all.filter(
        (other) => Math.abs(other[0]!.x - ring[0]!.x) + Math.abs(other[0]!.y - ring[0]!.y) > 1e-6,
      );
      const nearest = (point: { x: number; y: number }) => {
        let least = Infinity;
        for (const other of others)
          forEachEdge(other, (a, b) => (least = Math.min(least, distanceToSegment(point, a, b))));
        return least;
      };
      forEachEdge(ring, (a, b) => {
        expect(nearest(a)).toBeGreaterThan(joint - 1e-6);
        const along = (share: number) =>
          nearest({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });
        // Somewhere along every side another is as near as the joint; the tips of scales are where three meet.
        const nearestOne = Math.min(...[0.3, 0.5, 0.7].map(along));
        expect(nearestOne).toBeGreaterThan(joint - 1e-6);
        if (type !== 'penny' && type !== 'fish-scale') expect(nearestOne).toBeLessThan(joint + 1e-6);
      });
    }
  });
});

it('pennies touch no nearer than their joint, in six places each', () => {
  const { a, b, pieces } = must(cellOf(repeatOf({ type: 'penny' }), { w: 19, h: 19 }, 2));
  expect(Math.hypot(a.x, a.y)).toBeCloseTo(21, 9);
  expect(Math.hypot(b.x, b.y)).toBeCloseTo(21, 9);
  expect(pieces[0]!.area / (Math.PI * 9.5 ** 2)).toBeCloseTo(1, 2);
});

it('a tile out of proportion is refused, with the piece that nothing is left of', () => {
  const made = (w: number) => cellOf(repeatOf({ type: 'windmill' }), { w, h: 100 }, 4);
  // Its square is as wide as the tile is longer than high, less a joint: 1 mm is the least that can be made.
  expect(made(105.5).ok).toBe(true);
  expect(made(105)).toMatchObject({ ok: true });
  expect(made(104.9)).toMatchObject({
    ok: false,
    refusal: { code: 'tile-out-of-proportion', data: { slot: 'square' } },
  });
});

it('a tile that would make its pattern cross itself is refused', () => {
  const made = (w: number, joint: number) => cellOf(repeatOf({ type: 'long-hexagon' }), { w, h: 100 }, joint);
  // A long hexagon that is no longer than high has no shoulders left: it is a square on its point.
  expect(made(101, 0).ok).toBe(true);
  for (const [w, joint] of [
    [99, 0],
    [50, 4],
    [50, 0],
  ] as const)
    expect(made(w, joint)).toMatchObject({ ok: false, refusal: { code: 'tile-out-of-proportion' } });
});

describe('a repeat', () => {
  const [w, h, joint] = [150, 40, 3];
  const cell = (choice: PatternChoice, size = { w, h }) => must(cellOf(repeatOf(choice), size, joint));
  /** Lower left corners and sizes. */
  const boxes = ({ pieces }: Cell) =>
    pieces.map(({ slot, bounds: { left, right, bottom, top } }) => [
      slot,
      left,
      bottom,
      right - left,
      top - bottom,
    ]);
  const close = (rows: (string | number)[][]) =>
    rows.map((row) =>
      row.map((one) => (typeof one === 'number' ? (expect.closeTo(one, 9) as unknown) : one)),
    );
  const ways = ({ a, b }: Cell) => [a.x, a.y, b.x, b.y].map((one) => Number(one.toFixed(9)));

  it('of bonds is rows of tiles, each so far on', () => {
    const running = cell({ type: 'running', offset: [2, 3] });
    expect(ways(running)).toEqual([153, 0, 0, 129]);
    expect(boxes(running)).toEqual(
      close([
        ['tile', 0, 0, 150, 40],
        ['tile', 102, 43, 150, 40],
        ['tile', 51, 86, 150, 40],
      ]),
    );
    expect(boxes(cell({ type: 'plank', stagger: [0, 310, -20] }))).toEqual(
      close([
        ['tile', 0, 0, 150, 40],
        ['tile', 310, 43, 150, 40],
        ['tile', -20, 86, 150, 40],
      ]),
    );
    expect(boxes(cell({ type: 'running', offset: [-1, 4] })).map(([, left]) => left)).toEqual(
      [0, 114.75, 76.5, 38.25].map((one) => expect.closeTo(one, 9) as unknown),
    );
  });

  it('of herringbone and weaves has a flat and an upright tile, A and B being a tile and its joint', () => {
    const [A, B] = [w + joint, h + joint];
    expect(ways(cell({ type: 'herringbone90' }))).toEqual([B, B, A, -A]);
    expect(boxes(cell({ type: 'herringbone90' }))).toEqual(
      close([
        ['flat', 0, 0, w, h],
        ['upright', A, h - w, h, w],
      ]),
    );
    const weave = cell({ type: 'basketweave', n: 2 }, { w: 83, h: 40 });
    expect(ways(weave)).toEqual([86, 86, 86, -86]);
    expect(boxes(weave)).toEqual(
      close([
        ['flat', 0, 0, 83, 40],
        ['flat', 0, 43, 83, 40],
        ['upright', 86, 0, 40, 83],
        ['upright', 129, 0, 40, 83],
      ]),
    );
  });

  it('of hexagons and octagons has its middle at the origin', () => {
    const flat = { w: 100, h: 100 };
    const hexagon = cell({ type: 'hexagon' }, flat);
    expect(ways(hexagon)).toEqual([103, 0, 51.5, Number(((103 * Math.sqrt(3)) / 2).toFixed(9))]);
    expect(hexagon.pieces[0]!.area).toBeCloseTo((Math.sqrt(3) / 2) * 100 ** 2, 6);
    expect(hexagon.pieces[0]!.bounds.top).toBeCloseTo(100 / Math.sqrt(3), 9);
    const [octagon, dot] = cell({ type: 'octagon-dot' }, flat).pieces;
    expect(octagon!.area).toBeCloseTo(2 * (Math.SQRT2 - 1) * 100 ** 2, 6);
    expect(dot!.area).toBeCloseTo((Math.SQRT2 * 103 - 100 - 6) ** 2, 6);
    expect((dot!.bounds.left + dot!.bounds.right) / 2).toBeCloseTo(51.5, 9);
  });
});

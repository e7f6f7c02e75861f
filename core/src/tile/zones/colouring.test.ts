import { describe, expect, it } from 'vitest';
import type { ZoneRecord } from '../../document/records';
import { boundsOf } from '../../geometry/polygon';
import { must } from '../../result';
import { tilesOf } from './colouring';
import { layZone } from './zone-laying';
import { zoneOrder } from './zone-order';

const ring = [
  { x: 0, y: 0 },
  { x: 1200, y: 0 },
  { x: 1200, y: 600 },
  { x: 0, y: 600 },
];
const zoneOf = (change: Partial<ZoneRecord>): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{
    pattern: { type: 'grid' },
    tile: { w: 197, h: 97 },
    joint: 3,
    origin: { x: 0, y: 0 },
    angle: 0,
    spares: 0,
  },
  ...change,
});

/** Columns and rows of the lower left corners of the pieces of each colour, in modules. */
function coloured(zone: ZoneRecord): { first: string[]; second: string[] } {
  const { laid, cell } = must(layZone(zone, [ring]));
  const tileOf = tilesOf(zone, cell)!;
  const at = (of: boolean) =>
    laid.pieces
      .filter((piece) => (tileOf(piece) === 'second') === of)
      .map((piece) => {
        const { left, bottom } = boundsOf(piece.uncut());
        return `${Math.round((left / 200) * 100) / 100} ${Math.round(bottom / 100)}`;
      });
  return { first: at(false), second: at(true) };
}

describe('a second colour of tile', () => {
  it('is none where none is said', () => {
    const zone = zoneOf({});
    expect(tilesOf(zone, must(layZone(zone, [ring])).cell)).toBeNull();
  });

  it('is every other square of a checkerboard, whatever the origin', () => {
    for (const origin of [
      { x: 0, y: 0 },
      { x: -400, y: 300 },
      { x: 200, y: 0 },
    ]) {
      const { first, second } = coloured(zoneOf({ colouring: { way: 'checker', finish: 'Jetty' }, origin }));
      expect([first.length, second.length]).toEqual([18, 18]);
      const parity = (places: string[]) =>
        new Set(
          places.map((place) => Math.abs(Number(place.split(' ')[0]) + Number(place.split(' ')[1])) % 2),
        );
      expect([parity(first).size, parity(second).size]).toEqual([1, 1]);
      // The tile at the origin is of the first.
      expect(first).toContain(
        `${(((origin.x % 400) + 400) % 400) / 200} ${(((origin.y % 200) + 200) % 200) / 100}`,
      );
    }
  });

  it('is every other row in stripes, of a bond and of planks too, and every other column of an upright bond', () => {
    const stripes = { colouring: { way: 'stripes', finish: 'Jetty' } } as const;
    const rows = (places: string[]) =>
      [...new Set(places.map((place) => Number(place.split(' ')[1])))].sort();
    for (const pattern of [
      { type: 'grid' as const },
      { type: 'running' as const, offset: { n: 1, d: 3 } },
      { type: 'plank' as const, stagger: [0, 50, 120, 10] },
    ]) {
      const { first, second } = coloured(zoneOf({ ...stripes, pattern }));
      expect([rows(first), rows(second)]).toEqual([
        [0, 2, 4],
        [1, 3, 5],
      ]);
    }
    const { first, second } = coloured(zoneOf({ ...stripes, pattern: { type: 'vertical' } }));
    const columns = (places: string[]) =>
      [...new Set(places.map((place) => Number(place.split(' ')[0])))].sort();
    expect([columns(first), columns(second)]).toEqual([
      [0, 2, 4],
      [1, 3, 5],
    ]);
  });

  it('is the other sizes of a pattern, ordered by themselves', () => {
    const zone = zoneOf({
      pattern: { type: 'octagon-dot' },
      tile: { w: 197, h: 197 },
      colouring: { way: 'sizes', finish: 'Jetty' },
    });
    const laid = must(layZone(zone, [ring]));
    const tileOf = tilesOf(zone, laid.cell)!;
    expect(
      laid.laid.pieces.every((piece) => (tileOf(piece) === 'second') === (piece.piece.slot === 'dot')),
    ).toBe(true);
    expect(must(zoneOrder(zone, laid)).sizes.map(({ of }) => of)).toEqual(['first', 'second']);
  });

  it('has its own tiles: no offcut of one lies as the other', () => {
    // A column 94 wide at the right, three of each colour: two cuts come from a tile, but one colour has one over.
    const wide = ring.map(({ x, y }) => ({ x: Math.min(x, 694), y }));
    const zone = zoneOf({ colouring: { way: 'stripes', finish: 'Jetty' } });
    const order = must(zoneOrder(zone, must(layZone(zone, [wide]))));
    expect(order.sizes.map(({ of, whole, tiles }) => [of, whole, tiles])).toEqual([
      ['first', 9, 9 + 2],
      ['second', 9, 9 + 2],
    ]);
    const { colouring: _, ...one } = zone;
    expect(must(zoneOrder(one, must(layZone(one, [wide])))).tiles).toBe(18 + 3);
  });
});

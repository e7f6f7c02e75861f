import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import type { TileSize } from '../pattern';
import { planOffcuts, type OffcutPlan } from './offcuts';
import type { CutPiece, FactorySide, Reuse, Turn } from './piece-types';

const TILE: TileSize = { w: 600, h: 300 };
const FREE: Reuse = { kerf: 3, turns: [0, 90, 180, 270] };
const piece = (id: string, w: number, h: number, ...factory: FactorySide[]): CutPiece => ({
  id,
  w,
  h,
  factory,
});
const many = (count: number, w: number, h: number, ...factory: FactorySide[]) =>
  Array.from({ length: count }, (_, index) => piece(`p${index}`, w, h, ...factory));
const tiles = (pieces: CutPiece[], reuse = FREE, tile = TILE) =>
  must(planOffcuts(pieces, tile, reuse)).tiles.length;

interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
}

/** The sides a piece must have as the tile's, once turned: by hand, not by bits. */
const turnedSide = (side: FactorySide, turn: Turn): FactorySide => {
  const next: Record<FactorySide, FactorySide> = {
    left: 'bottom',
    bottom: 'right',
    right: 'top',
    top: 'left',
  };
  let found = side;
  for (let left: number = turn; left > 0; left -= 90) found = next[found];
  return found;
};
const boxOf = ({ w, h }: TileSize, x: number, y: number, turn: Turn): Box =>
  turn % 180 === 90 ? { x, y, w: h, h: w } : { x, y, w, h };
const touches = (box: Box, side: FactorySide, tile: TileSize): boolean => {
  const off = { left: box.x, bottom: box.y, right: tile.w - box.x - box.w, top: tile.h - box.y - box.h }[
    side
  ];
  return Math.abs(off) < 1e-6;
};

/** Whether boxes can be sawn apart by cuts right across, each as wide as the kerf. */
function sawn(boxes: readonly Box[], kerf: number): boolean {
  if (boxes.length < 2) return true;
  for (const [at, size] of [
    ['x', 'w'],
    ['y', 'h'],
  ] as const)
    for (const cut of boxes.map((box) => box[at] + box[size])) {
      const before = boxes.filter((box) => box[at] + box[size] <= cut + 1e-6);
      const after = boxes.filter((box) => box[at] >= cut + kerf - 1e-6);
      if (after.length > 0 && before.length + after.length === boxes.length)
        return sawn(before, kerf) && sawn(after, kerf);
    }
  return false;
}

/** Every fault of a plan: nothing of it is taken from how it was made. */
function faults(
  pieces: readonly CutPiece[],
  tile: TileSize,
  { kerf, turns }: Reuse,
  plan: OffcutPlan,
): string[] {
  const found: string[] = [];
  const laid = plan.tiles.flat().map(({ id }) => id);
  if (
    laid.toSorted().join() !==
    pieces
      .map(({ id }) => id)
      .toSorted()
      .join()
  )
    found.push('not every piece once');
  for (const nested of plan.tiles) {
    const boxes = nested.map(({ id, x, y, turn }) => {
      const own = pieces.find((one) => one.id === id)!;
      const box = boxOf(own, x, y, turn);
      if (!turns.includes(turn)) found.push(`${id} turned`);
      if (x < -1e-6 || y < -1e-6 || x + box.w > tile.w + 1e-6 || y + box.h > tile.h + 1e-6)
        found.push(`${id} off`);
      for (const side of own.factory)
        if (!touches(box, turnedSide(side, turn), tile)) found.push(`${id} has no ${side}`);
      return box;
    });
    if (!sawn(boxes, kerf)) found.push('not sawn');
  }
  return found;
}

/** The fewest tiles, by sawing: every rectangle that is left is cut at every place that sums of sizes give, for every two lots of pieces, from the whole tile down. */
function exact(pieces: readonly CutPiece[], tile: TileSize, { kerf, turns }: Reuse): number {
  const sums = new Set([0]);
  for (const { w, h } of pieces)
    for (const sum of [...sums]) for (const size of [w, h]) sums.add(sum + size + kerf);
  const places = [...sums].map((sum) => sum - kerf).filter((sum) => sum > 0);
  const known = new Map<string, boolean>();
  const sawable = (mask: number, w: number, h: number, own: readonly FactorySide[]): boolean => {
    const key = `${mask} ${w} ${h} ${own.join()}`;
    let answer = known.get(key);
    if (answer === undefined) known.set(key, (answer = sawn(mask, w, h, own)));
    return answer;
  };
  const without = (own: readonly FactorySide[], side: FactorySide) => own.filter((one) => one !== side);
  const sawn = (mask: number, w: number, h: number, own: readonly FactorySide[]): boolean => {
    if (w <= 0 || h <= 0) return false;
    const set = pieces.filter((_, index) => mask & (1 << index));
    if (set.reduce((sum, one) => sum + one.w * one.h, 0) > w * h + 1e-6) return false;
    if (set.length === 1)
      return turns.some((turn) => {
        const box = boxOf(set[0]!, 0, 0, turn);
        const sides = set[0]!.factory.map((side) => turnedSide(side, turn));
        const across = (one: FactorySide, other: FactorySide, size: number, room: number) =>
          !sides.includes(one) || !sides.includes(other) || Math.abs(size - room) < 1e-6;
        return (
          box.w <= w + 1e-6 &&
          box.h <= h + 1e-6 &&
          sides.every((side) => own.includes(side)) &&
          across('left', 'right', box.w, w) &&
          across('bottom', 'top', box.h, h)
        );
      });
    for (let part = (mask - 1) & mask; part > 0; part = (part - 1) & mask)
      for (const at of places) {
        if (
          sawable(part, at, h, without(own, 'right')) &&
          sawable(mask ^ part, w - at - kerf, h, without(own, 'left'))
        )
          return true;
        if (
          sawable(part, w, at, without(own, 'top')) &&
          sawable(mask ^ part, w, h - at - kerf, without(own, 'bottom'))
        )
          return true;
      }
    return false;
  };
  const all = 2 ** pieces.length - 1;
  const fewest = Array.from({ length: all + 1 }, () => Infinity);
  fewest[0] = 0;
  for (let mask = 1; mask <= all; mask++) {
    const lowest = mask & -mask;
    for (let part = mask; part > 0; part = (part - 1) & mask)
      if (
        part & lowest &&
        fewest[mask ^ part]! + 1 < fewest[mask]! &&
        sawable(part, tile.w, tile.h, ['left', 'bottom', 'right', 'top'])
      )
        fewest[mask] = fewest[mask ^ part]! + 1;
  }
  return fewest[all]!;
}

describe('offcuts', () => {
  it('lie a kerf apart on a tile, or not', () => {
    expect(tiles(many(2, 298.5, 300))).toBe(1);
    expect(tiles(many(2, 298.6, 300))).toBe(2);
    expect(tiles(many(2, 300, 300), { ...FREE, kerf: 0 })).toBe(1);
  });

  it('are many strips of few tiles', () => {
    // A tile is 18 strips of 30 and a kerf high up, or 20 of 27 of them along: 300 of 20 by 30 are no more than two.
    expect(tiles(many(300, 20, 30))).toBe(2);
    expect(tiles(many(20, 27, 300))).toBe(1);
    expect(tiles(many(21, 27, 300))).toBe(2);
  });

  it('keep their factory sides, turned with them where that is allowed', () => {
    const both = [piece('a', 200, 300, 'left'), piece('b', 200, 300, 'left')];
    expect(tiles(both, { kerf: 3, turns: [0] })).toBe(2);
    expect(tiles(both, { kerf: 3, turns: [0, 180] })).toBe(1);
    // A piece of both sides is as wide as the tile, or from none.
    expect(tiles([piece('a', 600, 100, 'left', 'right')])).toBe(1);
    expect(planOffcuts([piece('a', 599, 100, 'left', 'right')], TILE, FREE)).toMatchObject({
      ok: false,
      refusal: { code: 'piece-on-no-tile', data: { piece: 'a' } },
    });
  });

  it('turn only by what is allowed', () => {
    expect(planOffcuts([piece('a', 250, 500)], TILE, { kerf: 3, turns: [0, 180] }).ok).toBe(false);
    expect(tiles([piece('a', 250, 500)])).toBe(1);
  });

  it('are sawn by cuts right across only: four round a middle are not', () => {
    const ring = [piece('a', 350, 95), piece('b', 95, 350), piece('c', 350, 95), piece('d', 95, 350)];
    const square = { w: 450, h: 450 };
    expect(tiles(ring, { kerf: 3, turns: [0] }, square)).toBe(2);
  });

  it('take as few tiles as trying every way, and a sound place on each', () => {
    const side = fc.constantFrom<FactorySide>('left', 'right', 'bottom', 'top');
    const one = fc.record({
      w: fc.integer({ min: 2, max: 10 }).map((n) => n * 60),
      h: fc.integer({ min: 1, max: 4 }).map((n) => n * 75),
      factory: fc.uniqueArray(side, { maxLength: 2 }),
    });
    const turns = fc.constantFrom<readonly Turn[]>([0], [0, 180], [0, 90, 180, 270]);
    fc.assert(
      fc.property(
        fc.array(one, { minLength: 2, maxLength: 4 }),
        turns,
        fc.constantFrom(0, 3),
        (sizes, turning, kerf) => {
          const pieces = sizes.map((size, index): CutPiece => ({ id: `p${index}`, ...size }));
          const reuse = { kerf, turns: turning };
          const plan = planOffcuts(pieces, TILE, reuse);
          if (!plan.ok) {
            expect(plan.refusal.code).toBe('piece-on-no-tile');
            return;
          }
          expect(faults(pieces, TILE, reuse, plan.value)).toEqual([]);
          expect(plan.value).toMatchObject({ proven: true });
          expect(plan.value.tiles).toHaveLength(exact(pieces, TILE, reuse));
        },
      ),
      { numRuns: Number(process.env['TILE_RUNS'] ?? 30) },
    );
  });

  it('of a whole room take no longer than a while, and no more tiles than pieces', () => {
    const sizes = Array.from({ length: 90 }, (_, index) =>
      piece(
        `p${index}`,
        60 + ((index * 137) % 480),
        40 + ((index * 61) % 250),
        ...(index % 3 === 0 ? (['left'] as const) : []),
      ),
    );
    const plan = must(planOffcuts(sizes, TILE, FREE));
    expect(faults(sizes, TILE, FREE, plan)).toEqual([]);
    const area = sizes.reduce((sum, { w, h }) => sum + w * h, 0) / (TILE.w * TILE.h);
    expect(plan.tiles.length).toBeGreaterThanOrEqual(Math.ceil(area));
    expect(plan.tiles.length).toBeLessThan(area * 1.4);
  });
});

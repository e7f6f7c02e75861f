import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import type { ZoneOwnPattern } from '../../document/records';
import { signedArea, type Polygon } from '../../geometry/polygon';
import { union } from '../../geometry/region';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { cellOf } from '../pattern';
import { usualZone } from '../zones/usual-zone';
import { layZone } from '../zones/zone-laying';
import { firstOwn, ownPattern, unfilled } from './own';

const area = (rings: readonly Polygon[]) => rings.reduce((sum, ring) => sum + signedArea(ring), 0);
const piece = (x: number, y: number, w: number, h: number) => ({ x, y, w, h });

describe('a pattern of one’s own', () => {
  it('fills its repeat where every square has one tile, over its edges and shifted too', () => {
    const told = (own: ZoneOwnPattern) => Object.values(unfilled(own));
    expect(told(firstOwn)).toEqual([0, 0]);
    expect(told({ ...firstOwn, pieces: firstOwn.pieces.slice(1) })).toEqual([2, 0]);
    expect(told({ ...firstOwn, pieces: [...firstOwn.pieces, piece(0, 0, 1, 2)] })).toEqual([0, 2]);
    // Over the right edge it goes on at the left.
    expect(told({ columns: 3, rows: 1, shift: 0, pieces: [piece(2, 0, 2, 1), piece(1, 0, 1, 1)] })).toEqual([
      0, 0,
    ]);
    // Over the upper edge it goes on as many columns back as the next repeat is on.
    const upright = [piece(0, 0, 1, 1), piece(1, 0, 1, 2)];
    expect(told({ columns: 3, rows: 1, shift: 2, pieces: upright })).toEqual([0, 0]);
    expect(told({ columns: 3, rows: 1, shift: 1, pieces: upright })).toEqual([1, 1]);
  });

  it('fills the plane with its joint, whatever fills its repeat', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 5 }),
        fc.nat(4),
        fc.array(
          fc.tuple(fc.nat(4), fc.nat(4), fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 })),
          {
            maxLength: 8,
          },
        ),
        fc.constantFrom(0, 3),
        (columns, rows, shift, tries, joint) => {
          const own: ZoneOwnPattern = { columns, rows, shift: shift % columns, pieces: [] };
          // What leaves no square with two is kept; the rest is filled by single ones.
          for (const [x, y, w, h] of tries) {
            const next = [...own.pieces, piece(x % columns, y % rows, w, h)];
            if (unfilled({ ...own, pieces: next }).twice === 0) own.pieces = next;
          }
          for (let x = 0; x < columns; x++)
            for (let y = 0; y < rows; y++) {
              const next = [...own.pieces, piece(x, y, 1, 1)];
              if (unfilled({ ...own, pieces: next }).twice === 0) own.pieces = next;
            }
          expect(unfilled(own)).toEqual({ missing: 0, twice: 0 });
          const { a, b, pieces } = must(cellOf(ownPattern(own), { w: 200, h: 100 }, joint));
          if (joint === 0) expect(area(pieces.map(({ ring }) => ring))).toBeCloseTo(a.x * b.y, 3);
          const all: Polygon[] = [];
          for (let i = -4; i <= 4; i++)
            for (let k = -4; k <= 4; k++)
              for (const { ring } of pieces)
                all.push(ring.map(({ x, y }) => ({ x: x + i * a.x + k * b.x, y: y + k * b.y })));
          expect(area(union(all)) / area(all)).toBeCloseTo(1, 6);
          // With half a joint round each all of it is filled.
          const grown = all.map((ring) =>
            ring.map(({ x, y }, at) => ({
              x: x + (at === 1 || at === 2 ? joint / 2 : -joint / 2),
              y: y + (at > 1 ? joint / 2 : -joint / 2),
            })),
          );
          expect(area(union(grown)) / area(grown)).toBeCloseTo(1, 6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is laid, counted by sizes, and refused with what is missing', () => {
    const room = rectangle(4000, 3000);
    const zone = usualZone(room.design, { id: 'floor', face: null });
    const put = (own: ZoneOwnPattern) =>
      putZone.run(room.design, {
        ...zone,
        pattern: { type: 'own', own },
        tile: { w: 197, h: 197 },
        joint: 3,
      });
    expect(put(firstOwn).ok).toBe(true);
    const refused = put({ ...firstOwn, pieces: firstOwn.pieces.slice(1) });
    expect(refused.ok ? '' : refusalText(refused.refusal)).toContain('2 of its squares have no tile');
    const laid = must(
      layZone(
        {
          ...zone,
          pattern: { type: 'own', own: firstOwn },
          tile: { w: 197, h: 197 },
          joint: 3,
          origin: { x: 0, y: 0 },
        },
        [
          [
            { x: 0, y: 0 },
            { x: 600, y: 0 },
            { x: 600, y: 400 },
            { x: 0, y: 400 },
          ],
        ],
      ),
    );
    expect(laid.count.bySlot).toEqual({
      '2 × 1': { whole: 1, cut: 0 },
      '1 × 2': { whole: 1, cut: 0 },
      '1 × 1': { whole: 2, cut: 0 },
    });
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../../geometry/point';
import { boundsOf, segmentsCross, signedArea } from '../../geometry/polygon';
import { intersect, without } from '../../geometry/region';
import { piecesLeft, type Rect } from './rect-pieces';

const rect = (left: number, bottom: number, wide: number, high: number): Rect => ({
  x: [left, left + wide],
  y: [bottom, bottom + high],
});
const ringOf = ({ x, y }: Rect): Point[] => [
  { x: x[0], y: y[0] },
  { x: x[1], y: y[0] },
  { x: x[1], y: y[1] },
  { x: x[0], y: y[1] },
];
const areaOf = (rings: readonly (readonly Point[])[]) =>
  rings.reduce((sum, ring) => sum + signedArea(ring), 0);

describe('what notches leave of a rectangle', () => {
  const whole = rect(0, 0, 100, 60);

  it.each([
    ['nothing taken', [], ['0,0 100,0 100,60 0,60']],
    ['a corner', [rect(0, 0, 20, 10)], ['0,10 20,10 20,0 100,0 100,60 0,60']],
    ['out of a side', [rect(40, 50, 10, 10)], ['0,0 100,0 100,60 50,60 50,50 40,50 40,60 0,60']],
    ['all along an end', [rect(0, 0, 100, 10)], ['0,10 100,10 100,60 0,60']],
    [
      'two over one another',
      [rect(0, 0, 30, 10), rect(20, 0, 30, 20)],
      ['0,10 20,10 20,20 50,20 50,0 100,0 100,60 0,60'],
    ],
    ['two side by side', [rect(0, 0, 30, 10), rect(30, 0, 30, 10)], ['0,10 60,10 60,0 100,0 100,60 0,60']],
    ['right through', [rect(30, 0, 10, 60)], ['40,0 100,0 100,60 40,60', '0,0 30,0 30,60 0,60']],
    [
      'two whose pieces touch at a corner',
      [rect(0, 0, 50, 30), rect(50, 30, 50, 30)],
      ['50,0 100,0 100,30 50,30', '0,30 50,30 50,60 0,60'],
    ],
    ['all', [rect(-5, -5, 200, 200)], []],
  ])('is for %s what is said', (_, others, rings) => {
    const told = piecesLeft(whole, others).map(({ ring }) => ring.map(({ x, y }) => `${x},${y}`).join(' '));
    expect(told.sort()).toEqual([...rings].sort());
  });

  it('is what a polygon library leaves, each piece in one with its outline about it, and what is gone beside it', () => {
    const any = fc.tuple(
      fc.integer({ min: -5, max: 12 }),
      fc.integer({ min: -5, max: 12 }),
      fc.integer({ min: 1, max: 9 }),
      fc.integer({ min: 1, max: 9 }),
    );
    fc.assert(
      fc.property(fc.array(any, { maxLength: 5 }), (others) => {
        const box = rect(0, 0, 12, 10);
        const taken = others.map((one) => rect(...one));
        const pieces = piecesLeft(box, taken);
        const left = without([ringOf(box)], taken.map(ringOf));
        // A hole within is not gone round: what reaches no edge is no notch.
        const isOpen = left.every((ring) => signedArea(ring) > 0);
        if (isOpen) expect(areaOf(pieces.map(({ ring }) => ring))).toBeCloseTo(areaOf(left), 3);
        for (const { ring, x, y, gone } of pieces) {
          expect(boundsOf(ring)).toEqual({ left: x[0], right: x[1], bottom: y[0], top: y[1] });
          if (!isOpen) continue;
          const beside = without([ringOf({ x, y })], gone.map(ringOf));
          expect(areaOf(beside)).toBeCloseTo(signedArea(ring), 3);
          expect(areaOf(intersect([ring], gone.map(ringOf)))).toBeCloseTo(0, 3);
          ring.forEach((a, index) =>
            ring.slice(index + 2).forEach((c, off) => {
              const d = ring[(index + off + 3) % ring.length]!;
              if (d !== a) expect(segmentsCross(a, ring[index + 1]!, c, d)).toBe(false);
            }),
          );
        }
        for (const [index, { ring }] of pieces.entries())
          for (const other of pieces.slice(index + 1))
            expect(areaOf(intersect([ring], [other.ring]))).toBeCloseTo(0, 3);
      }),
    );
  });
});

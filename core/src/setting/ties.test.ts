import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setTie } from '../commands/set-tie';
import { RoomBuilder } from '../demo/build-room';
import { distance } from '../geometry/point';
import { type Result } from '../result';
import { refusalText } from '../wording/refusal-text';
import { itemBoxes } from './item-box';
import { toRadians } from '../units/angles';
import { tieOn } from './ties';

/** Against face A, so far from its right end. */
const atRight = (distance: number) =>
  ({ on: 'face', face: 'face-a', from: 'right', distance, off: 0 }) as const;
const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const boxOf = (builder: RoomBuilder, id: string) => itemBoxes(builder.design).find((box) => box.id === id)!;

describe('ties', () => {
  it('read what stands on each side', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const id = builder.set('F600', 'face-a', 800);
    builder.set('F600', 'face-c', 2500);
    const read = (side: 'left' | 'right' | 'behind' | 'front') =>
      tieOn(builder.design, boxOf(builder, id), side);
    expect(read('left')).toMatchObject({
      distance: expect.closeTo(200, 6),
      to: { kind: 'item', id: 'item-1' },
    });
    expect(read('right')).toMatchObject({
      distance: expect.closeTo(2600, 6),
      to: { kind: 'wall', id: 'face-b' },
    });
    expect(read('behind')).toMatchObject({
      distance: expect.closeTo(0, 6),
      to: { kind: 'wall', id: 'face-a' },
    });
    expect(read('front')).toMatchObject({
      distance: expect.closeTo(3000 - 1120, 6),
      to: { kind: 'item', id: 'item-3' },
    });
  });

  it('typed, then read, give back the typed length within 1e-6 mm, on faces at any angle', () => {
    const length = fc.double({ min: 2600, max: 5000, noNaN: true });
    const lean = fc.double({ min: -120, max: 120, noNaN: true });
    const face = fc.constantFrom('face-a', 'face-b', 'face-c', 'face-d');
    const side = fc.constantFrom('left' as const, 'right' as const, 'behind' as const);
    fc.assert(
      fc.property(
        length,
        length,
        lean,
        lean,
        face,
        side,
        fc.double({ min: 0, max: 900, noNaN: true }),
        (a, b, c, d, on, which, typed) => {
          const builder = rectangle(a, b, a + c, b + d);
          const id = builder.place('F500', { on: 'face', face: on, from: 'left', distance: 900, off: 0 });
          builder.run(setTie, { id, side: which, distance: typed });
          const tie = tieOn(builder.design, boxOf(builder, id), which)!;
          expect(Math.abs(tie.distance - typed)).toBeLessThan(1e-6 + 1e-6);
          expect(distance(tie.from, tie.at)).toBeCloseTo(typed, 5);
        },
      ),
      { numRuns: 80 },
    );
  });

  it.each([
    ['leans in by a tenth of a degree', 89.9],
    ['leans in by five degrees', 85],
    ['leans in by just under ten', 80.1],
    ['leans away', 95],
  ])('look past a side wall they slide along: it %s', (_, degrees) => {
    const off = 3000 / Math.tan(toRadians(degrees));
    // A symmetrical trapezium: both corners of face A have this angle.
    const builder = rectangle(4000, Math.hypot(3000, off), 4000 - 2 * off, Math.hypot(3000, off));
    // Each against its wall: its front corner touches where that leans in.
    const lean = Math.max(0, 560 / Math.tan(toRadians(degrees)));
    const ids = [builder.set('F600', 'face-a', lean), builder.place('F600', atRight(lean))];
    for (const id of ids) {
      const tie = tieOn(builder.design, boxOf(builder, id), 'front')!;
      expect(tie.to).toEqual({ kind: 'wall', id: 'face-c' });
      expect(tie.distance).toBeCloseTo(3000 - 560, 4);
    }
    // To the side it faces: there the wall is what is measured to, at the corner that is nearest to it.
    const side = () => tieOn(builder.design, boxOf(builder, ids[0]!), 'left')!;
    expect(side()).toMatchObject({ to: { kind: 'wall', id: 'face-d' }, distance: expect.closeTo(0, 4) });
    builder.run(setTie, { id: ids[0]!, side: 'left', distance: -0.4 });
    expect(side()).toMatchObject({ to: { kind: 'wall', id: 'face-d' }, distance: expect.closeTo(-0.4, 4) });
  });

  it('see a wall that stands across at more than ten degrees, and an item that is turned', () => {
    const off = 3000 / Math.tan(toRadians(79.8));
    const builder = rectangle(4000, Math.hypot(3000, off), 4000 - 2 * off, Math.hypot(3000, off));
    const id = builder.set('F600', 'face-a', 560 / Math.tan(toRadians(79.8)));
    expect(tieOn(builder.design, boxOf(builder, id), 'front')!.to.id).toBe('face-d');
    const other = rectangle();
    const own = other.set('F600', 'face-a', 1000);
    // Deeper than its neighbour and a hair out of square: its side leans into what is before it.
    other.place('F600', { on: 'floor', x: 1601, y: 0, turn: 0 });
    const turned = other.place('F600', { on: 'floor', x: 1601 + 300, y: -700, turn: toRadians(0.5) });
    other.place('F600', { on: 'floor', x: 950, y: -1900, turn: toRadians(30) });
    const tie = tieOn(other.design, boxOf(other, own), 'front')!;
    expect(tie.to.id).not.toBe(turned);
    expect(tie.distance).toBeGreaterThan(1000);
  });

  it('of things within a reach leave away what stands farther', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    const id = builder.set('F600', 'face-a', 700);
    const to = (reach: number) =>
      tieOn(builder.design, boxOf(builder, id), 'left', undefined, reach)!.to.kind;
    expect([to(50), to(99), to(101)]).toEqual(['wall', 'wall', 'item']);
  });

  it('move a free-standing item too, and refuse a side with nothing beside it', () => {
    const builder = rectangle();
    const id = builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    builder.run(setTie, { id, side: 'left', distance: 700 });
    expect(boxOf(builder, id).origin.x).toBeCloseTo(700, 6);
    builder.run(setTie, { id, side: 'front', distance: 500 });
    expect(boxOf(builder, id).origin.y).toBeCloseTo(-(3000 - 500 - 560), 6);
    expect(sentence(setTie.run(builder.design, { id: 'gone', side: 'left', distance: 1 }))).toContain(
      'no longer in this room',
    );
  });
});

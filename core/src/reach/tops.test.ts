import { describe, expect, it } from 'vitest';
import { brokenOf, findingsOf } from '../../testing/findings';
import { rectangle } from '../../testing/rooms';
import { drawTop } from '../commands/draw-top';
import { editItems } from '../commands/edit-items';
import { moveItem } from '../commands/move-item';
import { setRoom } from '../commands/set-room';
import { setTopEdge } from '../commands/set-top-edge';
import { setTopJoints } from '../commands/set-top-joints';
import { recordOf } from '../document/design';

/** A run of three bases with a sink in the middle one. */
function sinkRun() {
  const builder = rectangle(4000, 3000);
  const [left, sink, right] = ['F600', 'F800-S', 'F600'].map((code, index) =>
    builder.set(code, 'face-a', 700 + [0, 600, 1400][index]!),
  ) as [string, string, string];
  return { builder, left, sink, right };
}

describe('a top', () => {
  it.each([
    [60, []],
    [59.97, ['clear']],
  ])('keeps %s mm before what is let in', (rail, told) => {
    const builder = rectangle(4000, 3000);
    builder.set('F900', 'face-a', 600);
    builder.run(setRoom, { frontOverhang: 60 });
    const hob = builder.place('HOB580', { on: 'face', face: 'face-a', from: 'left', distance: 750, off: 20 });
    const { depth } = recordOf(builder.design, 'item', hob)!;
    // Its rim of 15 lies on the top.
    builder.run(moveItem, {
      id: hob,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 750, off: 620 - rail - depth + 15 },
    });
    const found = brokenOf(builder, 'top-cut-out');
    expect(found).toHaveLength(told.length);
    for (const { verdict, measured, required, ids } of found) {
      expect([verdict, required, ids[0]]).toEqual(['tight', 60, hob]);
      expect(measured).toBeCloseTo(rail, 6);
    }
    expect(found.map(({ text }) => text)).toEqual(
      found.length === 0 ? [] : ['The hob of hob 2 leaves 60 mm of the top beside it; 60 mm is asked for.'],
    );
  });

  it('is told where what is let in runs over its edge', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F900', 'face-a', 600);
    builder.place('HOB580', { on: 'face', face: 'face-a', from: 'left', distance: 750, off: 300 });
    expect(brokenOf(builder, 'top-cut-out').map(({ text, measured }) => [text, measured])).toEqual([
      ['The hob of hob 2 runs over the edge of the top.', 0],
    ]);
  });

  it.each([
    [304.8, 0],
    [304.83, 1],
  ])('%s mm past what carries it are %s too many', (overhang, count) => {
    const { builder, left } = sinkRun();
    builder.run(setTopEdge, { ids: [left], side: 'left', overhang });
    const found = brokenOf(builder, 'top-overhang');
    expect(found).toHaveLength(count);
    if (count > 0)
      expect([found[0]!.ids[0], found[0]!.text]).toEqual([
        left,
        'The left end of the top over base cabinet 1 stands out 305 mm: over 305 mm it needs brackets.',
      ]);
  });

  it.each([
    [70, 0],
    [69.9, 1],
  ])('has its joints 150 clear of a cut-out, which begins 80 in: %s from it %s', (off, count) => {
    const { builder, left, sink } = sinkRun();
    builder.run(setTopJoints, { id: left, across: [600 - off] });
    const found = brokenOf(builder, 'top-joint');
    expect(found).toHaveLength(count);
    if (count > 0) {
      expect([found[0]!.ids[0], found[0]!.required]).toEqual([sink, 150]);
      expect(found[0]!.measured).toBeCloseTo(149.9, 6);
      expect(found[0]!.text).toBe(
        'The cut-out of sink base 2 is 150 mm from a joint of the top; 150 mm is asked for.',
      );
    }
  });

  it('has no joint over a dishwasher', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 300);
    const dish = builder.set('DISH600', 'face-a', 900);
    builder.set('F600', 'face-a', 1500);
    builder.run(setTopJoints, { id: dish, across: [300] });
    expect(brokenOf(builder, 'top-joint').map(({ ids, text }) => [ids[0], text])).toEqual([
      [dish, 'Dishwasher 2 has a joint of the top over it.'],
    ]);
  });

  it.each([
    [600, 0],
    [599.9, 1],
  ])('600 deep comes out of a slab %s wide, or is told', (slabWidth, count) => {
    const { builder } = sinkRun();
    builder.run(setRoom, { slabWidth });
    const found = brokenOf(builder, 'top-slab');
    expect(found.map(({ measured, required }) => [measured, required])).toEqual(
      count === 0 ? [] : [[600, slabWidth]],
    );
    if (count > 0)
      expect(found[0]!.text).toBe(
        'The width of a piece of the top over base cabinet 1 is 600 mm; a slab gives 600 mm. Join it once more.',
      );
  });

  it('is in the way of what is taller, and of nothing that is let into it', () => {
    const { builder, right } = sinkRun();
    const tall = builder.set('T600/2070', 'face-a', 2800);
    expect(brokenOf(builder, 'top-under')).toEqual([]);
    // Before the tall cabinet, not beside it, nothing stops the front.
    builder.run(editItems, { ids: [right], change: { overhangs: { front: 300 } } });
    builder.run(moveItem, {
      id: tall,
      placement: { on: 'floor', x: 2100, y: -759.4, turn: 0 },
    });
    const [found] = brokenOf(builder, 'top-under');
    expect([found!.verdict, found!.ids[0], found!.text]).toEqual([
      'blocked',
      tall,
      'Pantry 4 goes 101 mm into the top over base cabinet 1.',
    ]);
    builder.run(moveItem, { id: tall, placement: { on: 'floor', x: 2100, y: -859.6, turn: 0 } });
    expect(brokenOf(builder, 'top-under')).toEqual([]);
  });

  it('stands up before no window that begins lower than its surface', () => {
    const before = (sill: number) => {
      const builder = rectangle(4000, 3000);
      builder.open('face-a', 'window', 800, { width: 1000, height: 900, sill });
      builder.set('F900', 'face-a', 600);
      return brokenOf(builder, 'top-before-opening');
    };
    // The surface is 900 above the floor.
    expect([900, 899.5, 890].map((sill) => before(sill).map(({ measured }) => measured))).toEqual([
      [],
      [],
      [10],
    ]);
    expect(before(890)[0]!.text).toBe('The top over base cabinet 1 stands 10 mm up before window W1.');
  });

  it('that was drawn by itself has a height of its own', () => {
    const builder = rectangle(4000, 3000);
    const corner = (x: number, y: number) => ({ x, y });
    builder.run(drawTop, {
      id: 'drawn',
      outline: [corner(500, 0), corner(1500, 0), corner(1500, -600), corner(500, -600)],
    });
    builder.run(editItems, { ids: ['drawn'], change: { up: 710, overhangs: { front: 400 } } });
    expect(findingsOf(builder, 'counter-height')).toEqual([]);
    // Past the line it was drawn at it is carried as before it.
    expect(brokenOf(builder, 'top-overhang')).toEqual([]);
  });
});

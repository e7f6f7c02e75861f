import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anEdit, askFor } from '../../testing/random-edits';
import { room } from '../../testing/full-room';
import { cornered, rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { removeThings } from '../commands/remove-things';
import { setEdgeWay } from '../commands/set-edge-way';
import { setItem } from '../commands/set-item';
import { setPlinth } from '../commands/set-plinth';
import { setRoom } from '../commands/set-room';
import { setTopEdge } from '../commands/set-top-edge';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { applyPatch } from '../document/patch';
import { signedArea } from '../geometry/polygon';
import { intersect, union } from '../geometry/region';
import { must } from '../result';
import { roomShape } from '../survey/room-shape';
import { boardLength } from './edge-boards';
import { plinthBackOf, plinths, plinthStock } from './plinths';
import { splashes } from './splashes';
import { topCorrections } from './top-facts';

/** Every board: its side, whose it is, how long. */
const told = ({ design }: RoomBuilder) =>
  plinths(design)
    .flatMap(({ boards }) => boards)
    .map((board) => {
      const sides = board.at.map(({ item }) => item).join(' ');
      return `${board.step ? 'step' : board.at[0].side} ${sides} ${Math.round(boardLength(board) * 1e3) / 1e3}`;
    })
    .sort();

/** Some of 600 by 560 against face A of a room 4000 by 3000, from 1000 on. */
function run(count = 2) {
  const builder = rectangle(4000, 3000);
  for (let index = 0; index < count; index++) builder.set('F600', 'face-a', 1000 + 600 * index);
  return builder;
}

const edit = (what: number, a: number, b: number, c: number) => ({ what, a, b, c });

describe('plinths', () => {
  it('run before what stands on the floor, back behind the boxes, and along free ends to the wall', () => {
    const builder = run();
    expect(told(builder)).toEqual(['front item-1 item-2 1200', 'left item-1 510', 'right item-2 510']);
    const [plinth] = plinths(builder.design);
    expect(plinth).toMatchObject({ high: 150, items: ['item-1', 'item-2'] });
    const front = plinth!.boards.find(({ at }) => at[0].side === 'front')!;
    expect([front.a.y, front.b.y]).toEqual([-510, -510]);
    expect(plinthBackOf(builder.design, front)).toEqual({ back: 50, own: false });
    builder.run(setRoom, { plinthBack: 70 });
    expect(told(builder)).toContain('left item-1 490');
    expect(plinthStock(builder.design)).toBe(3000);
  });

  it('lie in one another nowhere: mitred where two boards meet', () => {
    for (const turn of [0, 250, -400]) {
      const builder = cornered([
        { x: 0, y: 3000 },
        { x: 4000, y: 3000 },
        { x: 4000 + turn, y: 0 },
        { x: 0, y: 0 },
      ]);
      builder.set('F600', 'face-a', 2700);
      builder.set('F600', 'face-b', 1000);
      const boards = plinths(builder.design).flatMap((one) => one.boards);
      const sum = boards.reduce((all, { footprint }) => all + signedArea(footprint), 0);
      const whole = union(boards.map(({ footprint }) => footprint));
      expect(Math.abs(sum - whole.reduce((all, ring) => all + signedArea(ring), 0))).toBeLessThan(0.5);
    }
  });

  it('go to a wall beside them up to 60 off, not further', () => {
    for (const [gap, free] of [
      [59.9, false],
      [60, false],
      [60.1, true],
    ] as const) {
      const builder = rectangle(4000, 3000);
      builder.set('F600', 'face-a', gap);
      expect(told(builder)).toEqual(
        free
          ? ['front item-1 600', 'left item-1 510', 'right item-1 510']
          : [`front item-1 ${600 + gap}`, 'right item-1 510'],
      );
    }
  });

  it('stand in one line under appliances, into the corner too, and back from a wall beside them where that is said', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 2_800);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 3_400, off: 0 } as const;
    builder.run(setRoom, { specials: true });
    builder.run(setItem, { id: 'dish', range: 'generic-mm', code: 'DISH600', placement });
    builder.run(editItems, { ids: ['dish'], change: { depth: 540 } });
    expect(recordOf(builder.design, 'item', 'dish')!.depth).toBe(540);
    // 50 behind the line of the cabinets, whatever the depth of the dishwasher.
    const before = ['front dish 600', 'front item-1 600', 'left item-1 510', 'step item-1 50'];
    expect(told(builder)).toEqual(before);
    // In the corner as well, where a cabinet stands along the next face: from its line on.
    const other = builder.set('F600', 'face-b', 620);
    expect(told(builder)).toContain(`front ${other} 760`);
    builder.run(removeThings, [other]);
    builder.run(setPlinth, { at: [{ item: 'dish', side: 'right' }], back: 30 });
    expect(told(builder)).toEqual([
      'front dish 570',
      'front item-1 600',
      'left item-1 510',
      'right dish 460',
      'step item-1 50',
    ]);
  });

  it('end at what stands against them within 3, and are seen beside it where they come further out', () => {
    const place = (distance: number, depth: string) => {
      const builder = run(1);
      builder.set(depth, 'face-a', 1600 + distance);
      return told(builder);
    };
    // An end panel as deep as the box: nothing of the end is seen.
    expect(place(0, 'P18')).toEqual(['front item-1 600', 'left item-1 510']);
    expect(place(2.5, 'P18')).toEqual(['front item-1 600', 'left item-1 510']);
    expect(place(3.5, 'P18')).toEqual(['front item-1 600', 'left item-1 510', 'right item-1 510']);
  });

  it('go through an inside corner, whatever fills it, and through fillers', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 2790);
    builder.set('FL50', 'face-a', 3390);
    builder.set('F600', 'face-b', 600);
    // To the other's line: 4000 less 510; and from there on.
    expect(told(builder)).toEqual([
      'front item-1 item-2 700',
      'front item-3 690',
      'left item-1 510',
      'right item-3 510',
    ]);
  });

  it('stand further back under a dishwasher, stepping in at both of its sides, and as far as is said', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600', 'face-a', 0);
    const dish = builder.set('DISH600', 'face-a', 600);
    builder.set('F600', 'face-a', 1200);
    const stepped = (by: number) => [
      'front item-1 600',
      'front item-2 600',
      'front item-3 600',
      'right item-3 510',
      `step item-1 ${by}`,
      `step item-3 ${by}`,
    ];
    expect(told(builder)).toEqual(stepped(50));
    builder.run(setPlinth, { at: [{ item: dish, side: 'front' }], back: 130 });
    expect(told(builder)).toEqual(stepped(80));
    expect(topCorrections(builder.design)).toEqual([
      { items: [dish], plinth: 'front', back: 130, shows: true },
    ]);
    builder.run(setPlinth, { at: [{ item: dish, side: 'front' }], back: 50 });
    expect(told(builder)).toEqual(['front item-1 item-2 item-3 1800', 'right item-3 510']);
    builder.run(setPlinth, { at: [{ item: dish, side: 'front' }], back: null });
    const before = plinths(builder.design);
    builder.run(setPlinth, { ids: [dish], none: true });
    // Cut: it ends on either side, where the dishwasher stands against it.
    expect(told(builder)).toEqual(['front item-1 600', 'front item-3 600', 'right item-3 510']);
    builder.run(setPlinth, { ids: [dish], none: false });
    expect(plinths(builder.design)).toEqual(before);
  });

  it('stand back at ends and behind an island as is said, and give way to one set by itself', () => {
    const builder = rectangle(4000, 3000);
    const id = builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    expect(told(builder)).toEqual([
      'behind item-1 600',
      'front item-1 600',
      'left item-1 510',
      'right item-1 510',
    ]);
    builder.run(setPlinth, {
      at: [
        { item: id, side: 'behind' },
        { item: id, side: 'left' },
      ],
      back: 40,
    });
    expect(told(builder)).toEqual([
      'behind item-1 560',
      'front item-1 560',
      'left item-1 470',
      'right item-1 470',
    ]);
    // A top that goes down to the floor there hides it, unless it stands off the box.
    builder.run(setPlinth, { at: [{ item: id, side: 'left' }], back: null });
    builder.run(setEdgeWay, { at: [{ item: id, side: 'left' }], way: { waterfall: true } });
    expect(told(builder)).toEqual(['behind item-1 600', 'front item-1 600', 'right item-1 470']);
    builder.run(setTopEdge, { ids: [id], side: 'left', overhang: 34 });
    expect(told(builder)).toContain('left item-1 470');
    const own = rectangle(4000, 3000);
    own.set('F600', 'face-a', 1000);
    const placement = { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 494 } as const;
    own.run(setItem, { id: 'kick', range: 'fathom', code: 'K2400', placement });
    expect(plinths(own.design)).toEqual([]);
  });

  it.each([
    ['half in a slanted wall', [edit(13, 0, 0, 220), edit(20, 584, 55, 0)]],
    ['in a wall but for less than a board', [edit(11, 0, 235, 0), edit(0, 0, 0, 0), edit(3, 326, 831, 575)]],
  ])('are cut off by the wall before what was pushed into it: %s', (_, edits) => {
    let design = room();
    for (const [index, one] of edits.entries())
      design = must(applyPatch(design, must(askFor(design, one, index))));
    const { outline } = roomShape(design);
    for (const { boards } of plinths(design))
      for (const { footprint } of boards) {
        const inside = intersect([footprint], [outline]).reduce((sum, ring) => sum + signedArea(ring), 0);
        expect(signedArea(footprint) - inside).toBeLessThan(1);
      }
  });

  it('stay in the room and out of one another, whatever is edited', () => {
    fc.assert(
      fc.property(fc.array(anEdit, { maxLength: 14 }), (edits) => {
        let design = room();
        edits.forEach((edit, index) => {
          const asked = askFor(design, edit, index);
          if (asked.ok) design = must(applyPatch(design, asked.value));
          // What is remembered from edit to edit gives what is made from nothing.
          expect(plinths(design)).toEqual(plinths(structuredClone(design)));
          expect(splashes(design)).toEqual(splashes(structuredClone(design)));
        });
        const { outline } = roomShape(design);
        for (const { boards } of plinths(design))
          for (const { footprint, a, b } of boards) {
            expect([a, b].every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
            const out =
              signedArea(footprint) -
              intersect([footprint], [outline]).reduce((sum, ring) => sum + signedArea(ring), 0);
            // Items in one another may meet in a mitre sharper than the corner they stand in.
            expect(out).toBeLessThan(3 * 16 * 16);
          }
      }),
      { numRuns: 60 },
    );
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle, shaped } from '../../testing/rooms';
import { pushPart } from '../commands/push-part';
import { roomShape } from '../survey/room-shape';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf, recordsOf } from '../document/design';
import { applyPatch } from '../document/patch';
import { specialSizes } from '../ranges/specials';
import { must, type Result } from '../result';
import { itemBoxes } from './item-box';
import { openLengths } from './open-lengths';
import { refusalText } from '../wording/refusal-text';
import { fillGap } from '../commands/fill-gap';
import { insertCorner } from '../commands/insert-corner';
import { joinItems } from '../commands/join-items';
import { leaveOpen } from '../commands/leave-open';
import { lockItems } from '../commands/lock-items';
import { removeThings } from '../commands/remove-things';
import { setRoom } from '../commands/set-room';
import { splitItem } from '../commands/split-item';
import { swapItems } from '../commands/swap-items';
import { trimToGap } from '../commands/trim-to-gap';

const sentence = (result: Result<unknown>) => (result.ok ? '' : refusalText(result.refusal));
const itemOf = ({ design }: RoomBuilder, id: string) => recordOf(design, 'item', id)!;
const spans = ({ design }: RoomBuilder) =>
  itemBoxes(design)
    .map(({ record, against }) => [record.code, against!.along, against!.along + record.width])
    .sort((a, b) => (a[1] as number) - (b[1] as number));

describe('open lengths in three bands', () => {
  it('are those of the floor, of what hangs, and of the tall run where it is free all the way up', () => {
    const builder = rectangle();
    builder.set('T600/1950', 'face-a', 0);
    builder.set('T600/1950', 'face-a', 640);
    builder.set('F900', 'face-a', 1300);
    builder.set('U900/720', 'face-a', 1310);
    builder.set('U300/720', 'face-a', 2250);
    expect(openLengths(builder.design).map(({ band, from, to }) => [band, from, to])).toEqual([
      ['tall', 600, 640],
      ['base', 1240, 1300],
      ['base', 2200, 4000],
      ['wall', 1240, 1310],
      ['wall', 2210, 2250],
      ['wall', 2550, 4000],
    ]);
    for (const [band, at, type] of [
      ['tall', 620, 'filler-tall'],
      ['base', 1270, 'filler'],
      ['wall', 2230, 'filler-wall'],
    ] as const) {
      builder.run(fillGap, { id: `filler-${band}`, face: 'face-a', at, band });
      expect(itemOf(builder, `filler-${band}`).type).toBe(type);
    }
    expect(itemOf(builder, 'filler-wall')).toMatchObject({ width: 40, depth: 350, height: 720, up: 1400 });
    expect(itemOf(builder, 'filler-tall')).toMatchObject({ width: 40, height: 1950 });
    expect(openLengths(builder.design)).toHaveLength(3);
  });

  it('are left open on purpose, as long as the place is open, whatever becomes of its face', () => {
    const builder = rectangle();
    builder.set('F900', 'face-a', 0);
    builder.run(leaveOpen, { id: 'open', face: 'face-a', at: 3000 });
    const leftOpen = () => openLengths(builder.design).map(({ face, leftOpen }) => [face.letter, leftOpen]);
    expect(leftOpen()).toEqual([['A', 'open']]);
    builder.run(insertCorner, { face: 'face-a', distance: 2000, id: 'new' });
    expect(recordOf(builder.design, 'left-open', 'open')!.at).toMatchObject({ face: 'new' });
    builder.run(removeThings, ['open']);
    expect(leftOpen()).toEqual([['A', null]]);
  });
});

describe('an open length given to cabinets', () => {
  it('makes them as wide as their range lists, what stands between moves along', () => {
    const builder = rectangle(3000);
    const first = builder.set('F600', 'face-a', 0);
    const dishwasher = builder.set('DISH600', 'face-a', 600);
    const second = builder.set('F600', 'face-a', 1200);
    builder.set('F900', 'face-a', 2100);
    // 300 are free: 800 and 600 would leave 100 open, 900 and 600 none; of the two that nearer to it is widened.
    const both = must(
      applyPatch(
        builder.design,
        must(trimToGap.run(builder.design, { ids: [first, second], face: 'face-a', at: 2000 })),
      ),
    );
    expect(recordsOf(both, 'item').map(({ width }) => width)).toEqual([600, 600, 900, 900]);
    builder.run(trimToGap, { ids: [first], face: 'face-a', at: 2000 });
    expect(spans(builder)).toEqual([
      ['F900', 0, 900],
      ['DISH600', 900, 1500],
      ['F600', 1500, 2100],
      ['F900', 2100, 3000],
    ]);
    expect(openLengths(builder.design)).toEqual([]);
    expect(itemOf(builder, dishwasher).width).toBe(600);
  });

  it('shares it equally where special widths are allowed, from both sides', () => {
    const builder = rectangle(3000);
    builder.run(setRoom, { specials: true });
    const left = builder.set('F900', 'face-a', 0);
    const right = builder.set('F900', 'face-a', 2100);
    const other = builder.set('F1000', 'face-a', 1000);
    builder.run(trimToGap, { ids: [left, other], face: 'face-a', at: 950 });
    builder.run(trimToGap, { ids: [right, other], face: 'face-a', at: 2050 });
    expect(spans(builder)).toEqual([
      ['F900', 0, 950],
      ['F1000', 950, 2050],
      ['F900', 2050, 3000],
    ]);
    expect([left, other, right].map((id) => specialSizes(itemOf(builder, id)))).toEqual([
      ['width'],
      ['width'],
      ['width'],
    ]);
  });

  it('is refused where nothing wider is listed, where one is locked on the way, and where none is chosen', () => {
    const builder = rectangle(3000);
    const first = builder.set('F600', 'face-a', 0);
    const second = builder.set('F900', 'face-a', 600);
    builder.set('F900', 'face-a', 1550);
    const gap = { face: 'face-a', at: 1525 };
    expect(sentence(trimToGap.run(builder.design, { ids: [second], ...gap }))).toContain(
      'Fathom does not list F900 950 mm wide; it lists 1000 mm, 1200 mm.',
    );
    builder.run(setRoom, { specials: true });
    builder.run(lockItems, { ids: [second], locked: true });
    expect(sentence(trimToGap.run(builder.design, { ids: [first], ...gap }))).toContain('F900 is locked');
    expect(sentence(trimToGap.run(builder.design, { ids: [], ...gap }))).toContain('Choose an item');
  });

  it('never lets items overlap or leaves more open than before (property)', () => {
    const codes = fc.array(fc.constantFrom('F300', 'F450', 'F600', 'F900', 'DISH600'), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(
        codes,
        codes,
        fc.integer({ min: 5, max: 700 }),
        fc.boolean(),
        (lefts, rights, gap, specials) => {
          const width = (code: string) => Number(code.slice(-3));
          const sum = (list: readonly string[]) => list.reduce((all, code) => all + width(code), 0);
          const builder = rectangle(Math.max(1200, sum(lefts) + gap + sum(rights)));
          builder.run(setRoom, { specials });
          let at = 0;
          const set = (code: string) => {
            const id = builder.set(code, 'face-a', at);
            at += width(code);
            return id;
          };
          const ids = lefts.map(set);
          at += gap;
          ids.push(...rights.map(set));
          const chosen = ids.filter((id) => itemOf(builder, id).type !== 'dishwasher');
          const asked = trimToGap.run(builder.design, {
            ids: chosen,
            face: 'face-a',
            at: sum(lefts) + gap / 2,
          });
          if (!asked.ok) return;
          const design = must(applyPatch(builder.design, asked.value));
          const boxes = itemBoxes(design)
            .map(({ against, record }) => [against!.along, against!.along + record.width] as const)
            .sort((a, b) => a[0] - b[0]);
          for (let i = 1; i < boxes.length; i++)
            expect(boxes[i]![0]).toBeGreaterThanOrEqual(boxes[i - 1]![1] - 1e-5);
          expect(boxes[0]![0]).toBeCloseTo(0, 4);
          expect(boxes.at(-1)![1]).toBeCloseTo(at, 4);
          const open = boxes.slice(1).reduce((all, [from], i) => all + from - boxes[i]![1], 0);
          expect(open).toBeLessThan(specials ? 1e-5 : gap);
          if (!specials) for (const item of recordsOf(design, 'item')) expect(specialSizes(item)).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('one cabinet and two', () => {
  it('is split in two as nearly alike as they are listed, each door opening away from the other', () => {
    const builder = rectangle();
    const id = builder.set('F1000', 'face-a', 500);
    builder.run(splitItem, { id, right: 'new' });
    expect(itemOf(builder, id)).toMatchObject({ code: 'F500', width: 500, hand: 'left' });
    expect(itemOf(builder, 'new')).toMatchObject({ code: 'F500', width: 500, hand: 'right', number: 2 });
    expect(spans(builder)).toEqual([
      ['F500', 500, 1000],
      ['F500', 1000, 1500],
    ]);
    builder.run(splitItem, { id: builder.set('F900', 'face-b', 0), right: 'third', left: 300 });
    expect(itemOf(builder, 'third').width).toBe(600);
  });

  it('is joined again to the item it was, free-standing ones too', () => {
    const builder = rectangle();
    const id = builder.place('F1000', { on: 'floor', x: 1500, y: -1500, turn: 0.4 });
    const before = itemOf(builder, id);
    builder.run(splitItem, { id, right: 'new', left: 600 });
    builder.run(joinItems, { ids: ['new', id] });
    expect(itemOf(builder, id)).toEqual(before);
    expect(recordOf(builder.design, 'item', 'new')).toBeUndefined();
  });

  it('says why it is not split or joined', () => {
    const builder = rectangle();
    const narrow = builder.set('F450', 'face-a', 0);
    const drawers = builder.set('F450-3', 'face-a', 450);
    const other = builder.set('F450', 'face-a', 900);
    const cooker = builder.set('COOK600', 'face-b', 700);
    const say = <Args>(
      command: { run(design: RoomBuilder['design'], args: Args): Result<unknown> },
      args: Args,
    ) => sentence(command.run(builder.design, args));
    expect(say(splitItem, { id: narrow, right: 'x' })).toContain('can’t be split in two of 450 mm together');
    expect(say(splitItem, { id: cooker, right: 'x' })).toContain('made in one piece');
    expect(say(joinItems, { ids: [narrow, drawers] })).toContain('not of one family');
    expect(say(joinItems, { ids: [narrow, other] })).toContain('do not stand side by side');
    builder.run(swapItems, { ids: [drawers], family: 'F*' });
    builder.run(joinItems, { ids: [narrow, drawers] });
    expect(say(joinItems, { ids: [narrow, other] })).toContain('No item of their family');
  });

  it('is swapped for another kind in its place, and keeps its number, hand and sizes', () => {
    const builder = rectangle();
    const id = builder.set('F600', 'face-a', 300);
    const before = itemOf(builder, id);
    builder.run(swapItems, { ids: [id], family: 'F*-3' });
    expect(itemOf(builder, id)).toEqual({ ...before, code: 'F600-3', type: 'base-drawers' });
    expect(sentence(swapItems.run(builder.design, { ids: [id], family: 'F*-C' }))).toContain(
      'no place for F*-C',
    );
  });
});

describe('the free end of a run', () => {
  /** An L: face C ends at an outside corner; a cabinet on it so far from there. */
  const openBefore = (end: number, beside: 'nothing' | 'cabinet' = 'nothing') => {
    const builder = shaped('l', [5000, 2500, 2500, 2000, 2500, 4500]);
    const face = roomShape(builder.design).byId.get('face-c')!;
    builder.set('F900', 'face-c', face.length - 900 - end);
    // Round the corner, its side in line with face C.
    if (beside === 'cabinet') builder.set('F600', 'face-d', 0);
    return openLengths(builder.design)
      .filter((open) => open.face.id === 'face-c' && open.to > face.length - 1)
      .map(({ length }) => Math.round(length * 10) / 10);
  };

  it('is nothing to close up to 150 mm before an outside corner, and an open length beyond', () => {
    expect([openBefore(149), openBefore(150), openBefore(150.5), openBefore(400)]).toEqual([
      [],
      [],
      [150.5],
      [400],
    ]);
  });

  it('is closed by what stands right past the corner: a gap beside it is an open length', () => {
    const builder = rectangle(4000, 3000, 4000, 3000);
    const ids = ['l', 'front', 'r', 'rest', 'whole'] as const;
    builder.run(pushPart, { face: 'face-a', from: 'left', distance: 1500, width: 1000, depth: -300, ids });
    const [breast] = roomShape(builder.design).faces.filter(({ id }) => id === 'front');
    builder.set('F900', 'front', 50);
    const gaps = () =>
      openLengths(builder.design)
        .filter(({ face, band }) => face === breast && band === 'base')
        .map(({ from, to, left, right }) => [from, to, left?.kind ?? null, right?.kind ?? null]);
    // Nothing beside the breast: nothing to close at its corners.
    expect(gaps()).toEqual([]);
    builder.set('F600', 'face-a', 900);
    expect(gaps()).toEqual([[expect.closeTo(0, 6), expect.closeTo(50, 6), 'item', 'item']]);
  });
});

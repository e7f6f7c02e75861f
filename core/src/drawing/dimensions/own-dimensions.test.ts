import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { rectangle } from '../../../testing/rooms';
import { freezeRow } from '../../commands/freeze-row';
import { execute } from '../../commands/command';
import { putDimension } from '../../commands/put-dimension';
import { putFixed, usualFixed } from '../../commands/put-fixed';
import { putService } from '../../commands/put-service';
import { removeThings } from '../../commands/remove-things';
import { setRowWay } from '../../commands/set-row-way';
import { shiftItems } from '../../commands/shift-items';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { hallBath } from '../../demo/hall-bath';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { wetRoom } from '../../demo/wet-room';
import type { Design } from '../../document/design';
import type { DimensionEnd, DimensionRecord } from '../../document/records';
import { must } from '../../result';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';
import { endsOn, ownViewIds } from '../own-views';
import { drawPlan } from '../plan';
import type { Primitive, TextMark } from '../primitives';
import { placeOfEnd } from './ends';
import { lostDimensions } from './own-dimensions';
import { figureRow } from './row-ways';

const end = (of: string, along: number, out: number, up = 0): DimensionEnd => ({ of, along, out, up });
const dimension = (change: Partial<DimensionRecord>): DimensionRecord => ({
  ...{ kind: 'dimension', id: 'own', view: 'plan', type: 'length', off: 20, ends: [] },
  ...change,
});

/** A rectangle of 4 by 3 m with two cabinets 600 wide on face A, a window over them, a column and a socket. */
function room() {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 500);
  builder.set('F600', 'face-a', 1700);
  builder.open('face-a', 'window', 1000, { width: 900, height: 1000, sill: 1100 });
  builder.run(putFixed, {
    ...usualFixed(builder.design, 'column', 'round-column', 'face-a'),
    placement: { on: 'floor', x: 2000, y: -2000, turn: 0 },
  });
  builder.run(putService, {
    ...{ kind: 'service', id: 'socket', type: 'socket', up: 1100 },
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 300, off: 0 },
  });
  return builder.design;
}

const viewOf = (design: Design, id: string): readonly Primitive[] => {
  const view = roomViews(design).find((one) => one.id === id);
  return view ? drawSingleView(design, view, 20) : drawPlan(design, 20);
};
const textsOf = (marks: readonly Primitive[], id = 'own'): TextMark[] =>
  marks.flatMap((mark) => (mark.type === 'text' && mark.source === id ? [mark] : []));
const said = (design: Design, record: DimensionRecord): string[] =>
  textsOf(viewOf(must(execute(putDimension, design, record)).design, record.view)).map(({ text }) => text);

describe('the end of a dimension', () => {
  it('is a share of what it is on, whatever that is', () => {
    const design = room();
    const at = (...args: Parameters<typeof end>) => {
      const { at: point, up } = placeOfEnd(design, end(...args))!;
      return [point.x, point.y, up].map((one) => Math.round(one * 1e6) / 1e6 + 0);
    };
    expect(at('face-a', 0.25, 0, 0.5)).toEqual([1000, 0, 1200]);
    expect(at('item-1', 0, 1, 1)).toEqual([500, -560, 870]);
    expect(at('item-2', 1, 0.5, 0)).toEqual([2300, -280, 0]);
    expect(at('opening-3', 0.5, 0, 1)).toEqual([1450, 0, 2100]);
    expect(at('column', 0.5, 0.5, 1)).toEqual([2150, -2150, 2400]);
    expect(at('socket', 0, 0)).toEqual([300, 0, 1100]);
    expect(at('room', 1, 1, 1)).toEqual([4000, -3000, 2400]);
    expect(placeOfEnd(design, end('gone', 0, 0))).toBeNull();
    // The room itself is offered in its middle, on plans alone.
    expect(
      endsOn(design, 'plan')
        .filter(({ end: { of } }) => of === 'room')
        .map(({ at }) => at),
    ).toEqual([{ x: 2000, y: -1500 }]);
    expect(endsOn(design, 'face-a').some(({ end: { of } }) => of === 'room')).toBe(false);
  });
});

describe('a dimension of one’s own', () => {
  const gap = [end('item-1', 1, 1), end('item-2', 0, 1)];

  it('measures across, up, straight, in a chain that adds up, and from a baseline', () => {
    const design = room();
    expect(said(design, dimension({ way: 'across', ends: gap }))).toEqual(['600']);
    expect(said(design, dimension({ way: 'up', ends: [end('face-c', 0, 0), end('item-1', 0, 1)] }))).toEqual([
      '2440',
    ]);
    const slant = [end('item-1', 0, 1), end('column', 0.5, 0.5)];
    expect(said(design, dimension({ way: 'aligned', ends: slant }))).toEqual([
      String(Math.round(Math.hypot(2150 - 500, 2150 - 560))),
    ]);
    const chain = [end('face-a', 0, 0), ...gap, end('item-2', 1, 1), end('face-a', 1, 0)];
    expect(said(design, dimension({ way: 'across', ends: chain }))).toEqual(['1100', '600', '600', '1700']);
    const baseline = dimension({ type: 'baseline', way: 'across', ends: chain });
    expect(said(design, baseline)).toEqual(['1100', '1700', '2300', '4000']);
  });

  it('tells angles, radii, heights, areas and words', () => {
    const design = room();
    const corner = [end('face-a', 1, 0), end('face-a', 0, 0), end('face-d', 0, 0)];
    expect(said(design, dimension({ type: 'angle', ends: corner }))).toEqual(['90°']);
    expect(said(design, dimension({ type: 'radius', ends: [end('column', 0.5, 1)] }))).toEqual(['R 150']);
    const level = dimension({
      type: 'level',
      view: 'face-a',
      ends: [end('opening-3', 0, 0, 1)],
      text: 'head',
    });
    expect(said(design, level)).toEqual(['2100 head']);
    expect(said(design, dimension({ type: 'area', ends: [end('room', 0.5, 0.5)] }))).toEqual(['12.00 m²']);
    const wall = dimension({ type: 'area', view: 'face-b', ends: [end('face-b', 0.5, 0, 0.5)] });
    expect(said(design, wall)).toEqual(['7.20 m²']);
    const note = dimension({ type: 'note', ends: [end('socket', 0, 0)], text: 'Move\nbefore tiling' });
    expect(said(design, note)).toEqual(['Move', 'before tiling']);
  });

  it('goes with what it is of, and says so when that is gone', () => {
    const put = must(execute(putDimension, room(), dimension({ way: 'across', ends: gap }))).design;
    const moved = must(execute(shiftItems, put, { ids: ['item-2'], by: { x: 55, y: 0 } })).design;
    expect(textsOf(drawPlan(moved, 20)).map(({ text }) => text)).toEqual(['655']);
    const views = (design: Design) => new Set(ownViewIds(design));
    expect(lostDimensions(moved, views(moved))).toEqual([]);
    const gone = must(execute(removeThings, moved, ['item-2'])).design;
    expect(textsOf(drawPlan(gone, 20)).map(({ text }) => text)).toEqual(['measures what is no longer there']);
    expect(lostDimensions(gone, views(gone)).map(({ id }) => id)).toEqual(['own']);
  });

  it('says so, too, where what it is of has lost what it measures, and in a file that was made by hand', () => {
    const design = room();
    const put = (record: DimensionRecord): Design => ({
      ...design,
      records: { ...design.records, own: record },
    });
    const views = new Set(ownViewIds(design));
    for (const record of [
      dimension({ type: 'radius', ends: [end('face-a', 0.5, 0)] }),
      dimension({ type: 'area', ends: [end('socket', 0, 0)] }),
      dimension({ type: 'angle', ends: [end('face-a', 0.5, 0)] }),
    ]) {
      const texts = textsOf(drawPlan(put(record), 20)).map(({ text }) => text);
      expect(texts).toEqual(['measures what is no longer there']);
      expect(lostDimensions(put(record), views).map(({ id }) => id)).toEqual(['own']);
    }
    const whole = put(dimension({ type: 'radius', ends: [end('column', 0.5, 1)] }));
    expect(lostDimensions(whole, views)).toEqual([]);
  });

  it('stands so far to the left of the way it is measured', () => {
    const design = room();
    for (const off of [-20, 20]) {
      const put = must(execute(putDimension, design, dimension({ way: 'across', ends: gap, off }))).design;
      const [text] = textsOf(drawPlan(put, 20));
      expect(text!.measured!.line.map(({ x, y }) => [x, y])).toEqual([
        [1100, -560 + off * 20],
        [1700, -560 + off * 20],
      ]);
      // Its number stands on the side away from what it measures.
      expect(Math.sign(text!.at.y - (-560 + off * 20))).toBe(Math.sign(off));
    }
  });

  it('is refused where it measures nothing, or what has no such measure', () => {
    const refused = (change: Partial<DimensionRecord>) => {
      const put = execute(putDimension, room(), dimension(change));
      return put.ok ? null : put.refusal.code;
    };
    expect(refused({ way: 'up', ends: gap })).toBe('dimension-nothing');
    expect(refused({ type: 'radius', ends: [end('item-1', 0, 0)] })).toBe('dimension-none');
    expect(refused({ type: 'area', ends: [end('socket', 0, 0)] })).toBe('dimension-none');
    expect(refused({ type: 'angle', ends: gap })).toBe('dimension-ends');
    // Nor is what measures something else made one that it has not.
    const put = must(execute(putDimension, room(), dimension({ way: 'across', ends: gap }))).design;
    const radius = execute(putDimension, put, dimension({ type: 'radius', ends: [gap[0]!] }));
    expect(radius.ok ? null : radius.refusal.code).toBe('dimension-none');
    expect(refused({ type: 'note', ends: [end('socket', 0, 0)], text: '  ' })).toBe('note-blank');
    expect(refused({ way: 'across', ends: gap, view: 'attic' })).toBe('sheet-unknown');
    expect(refused({ way: 'across', ends: [gap[0]!, end('gone', 0, 0)] })).toBe('record-missing');
    expect(refused({ way: 'across', ends: gap, off: 500.1 })).toBe('length-range');
    expect(refused({ way: 'across', ends: gap, off: 500 })).toBeNull();
  });
});

describe('what is written by itself', () => {
  it('gives way to what a person has put there, on plans and elevations alike', () => {
    const builder = rectangle(4000, 3000);
    const cabinet = builder.set('F600', 'face-a', 500);
    const numberOf = (design: Design, view: string) =>
      viewOf(design, view).find((mark) => mark.type === 'text' && mark.layer === 'numbers') as TextMark;
    for (const view of ['plan', 'face-a']) {
      const before = numberOf(builder.design, view);
      const middle = dimension({
        ...{ view, type: 'note', off: 0, over: 0, text: 'Kept clear by hand' },
        // Where its number is.
        ends: [end(cabinet, 0.5, 0.6, 0.57)],
      });
      const { design } = must(execute(putDimension, builder.design, middle));
      const [note] = textsOf(viewOf(design, view));
      // Where it stood of itself the words lie over it.
      expect(textFaults([before, note!], 20)).toHaveLength(1);
      expect(textFaults(viewOf(design, view), 20).filter(({ what }) => what === 'overlap')).toEqual([]);
      expect(numberOf(design, view).text).toBe(before.text);
    }
  });
});

describe('a row that is drawn by itself', () => {
  const figures = (design: Design, view: string, row: string) =>
    viewOf(design, view).flatMap((mark) =>
      mark.type === 'text' && mark.measured?.of.row === row ? [mark] : [],
    );
  const rowsOf = (design: Design, view: string) => [
    ...new Set(
      viewOf(design, view).flatMap((mark) =>
        mark.type === 'text' && mark.measured ? [mark.measured.of.row] : [],
      ),
    ),
  ];

  it('is left away, shown again, and stands farther out by what is asked', () => {
    const design = room();
    const way = { id: 'way', view: 'plan', row: 'face-a units' };
    const out = (of: Design) => figures(of, 'plan', way.row)[0]!.measured!.line[0].y;
    const hidden = must(execute(setRowWay, design, { ...way, hidden: true })).design;
    expect(figures(hidden, 'plan', way.row)).toEqual([]);
    const again = must(execute(setRowWay, hidden, { ...way, hidden: false })).design;
    expect(again.records['way']).toBeUndefined();
    expect(out(again)).toBe(out(design));
    const farther = must(execute(setRowWay, design, { ...way, off: 30 })).design;
    expect(out(farther) - out(design)).toBeCloseTo(30 * 20, 6);
  });

  it('leaves away, moves and keeps one of its figures by itself, and all others stay', () => {
    const design = room();
    for (const [view, row] of [
      ['plan', 'face-a units'],
      ['face-a', 'standing'],
    ] as const) {
      const before = figures(design, view, row);
      expect(before.length).toBeGreaterThan(2);
      const names = before.map(({ measured }) => measured!.of.figure!);
      expect(new Set(names).size).toBe(names.length);
      const [first, one, ...others] = before as [TextMark, TextMark, ...TextMark[]];
      const way = { id: 'way', view, row: figureRow(row, names[1]!) };
      const said = (by: object) => must(execute(setRowWay, design, { ...way, ...by })).design;

      const hidden = said({ hidden: true });
      expect(figures(hidden, view, row)).toEqual([first, ...others]);
      expect(
        must(execute(setRowWay, hidden, { ...way, hidden: false })).design.records['way'],
      ).toBeUndefined();

      // So many mm of paper farther out, at 1 to 20, and on along the row.
      const moved = figures(said({ off: 8, over: -3 }), view, row);
      expect(moved.filter((_, index) => index !== 1)).toEqual([first, ...others]);
      const [a, b] = one.measured!.line;
      const along = { x: (b.x - a.x) / one.measured!.of.length, y: (b.y - a.y) / one.measured!.of.length };
      const by = { x: moved[1]!.at.x - one.at.x, y: moved[1]!.at.y - one.at.y };
      expect(by.x * along.x + by.y * along.y).toBeCloseTo(-3 * 20, 6);
      expect(Math.abs(by.x * along.y - by.y * along.x)).toBeCloseTo(8 * 20, 6);

      const keep = { ids: ['own', 'way'] as const, view, row, figure: names[1]!, scale: 20 };
      const kept = must(execute(freezeRow, design, keep)).design;
      expect(figures(kept, view, row).map(({ text }) => text)).toEqual(
        [first, ...others].map(({ text }) => text),
      );
      const own = textsOf(viewOf(kept, view)).filter(({ measured }) => measured?.of.row === 'own');
      expect(own.map(({ text }) => text)).toEqual([one.text]);
      expect(middle(own[0]!.measured!.line).x).toBeCloseTo(middle(one.measured!.line).x, 1);
      expect(middle(own[0]!.measured!.line).y).toBeCloseTo(middle(one.measured!.line).y, 1);
    }
  });

  it('shows a figure again when what it lay between is no longer there', () => {
    const design = room();
    const row = 'face-a units';
    const [, one] = figures(design, 'plan', row);
    const way = { id: 'way', view: 'plan', row: figureRow(row, one!.measured!.of.figure!), hidden: true };
    const hidden = must(execute(setRowWay, design, way)).design;
    const gone = one!.measured!.of.to[0]!;
    const less = must(execute(removeThings, hidden, [gone])).design;
    const links = figures(less, 'plan', row).map(({ measured }) => measured!.of);
    // They are as long as the wall together: none of them is left away.
    const wall = figures(less, 'plan', 'face-a overall')[0]!.measured!.of.length;
    expect(links.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(wall, 3);
  });

  it.each(Object.entries({ galleyWithBay, hallBath, orchardKitchen, wetRoom }))(
    'of %s is kept as it is: the same numbers in the same place, tied to the same things',
    (_, make) => {
      const design = make();
      let kept = 0;
      const views = ['plan', ...roomViews(design).map(({ id }) => id)];
      views.forEach((view, index) => {
        const rows = rowsOf(design, view);
        rows.forEach((row, at) => {
          // A share of them all, another in each drawing.
          if ((at + index) % 4 > 0) return;
          const before = figures(design, view, row);
          const frozen = execute(freezeRow, design, { ids: ['own', 'way'], view, row, scale: 20 });
          if (!frozen.ok) {
            expect(frozen.refusal.code).toBe('row-untied');
            return;
          }
          kept += 1;
          const after = frozen.value.design;
          expect(figures(after, view, row)).toEqual([]);
          const own = textsOf(viewOf(after, view));
          const placed = (marks: readonly TextMark[]) =>
            marks
              .map(({ text, size, measured }) => ({
                text,
                size,
                x: middle(measured!.line).x,
                y: middle(measured!.line).y,
              }))
              .sort((a, b) => a.x - b.x || a.y - b.y);
          const [was, is] = [placed(before), placed(own)];
          expect(is.map(({ text }) => text)).toEqual(was.map(({ text }) => text));
          is.forEach(({ x, y, size }, one) => {
            expect(size).toBeGreaterThanOrEqual(was[one]!.size);
            expect(x, `${view} ${row}`).toBeCloseTo(was[one]!.x, 1);
            expect(y, `${view} ${row}`).toBeCloseTo(was[one]!.y, 1);
          });
        });
      });
      expect(kept).toBeGreaterThan(5);
    },
  );
});

const middle = ([a, b]: readonly [{ x: number; y: number }, { x: number; y: number }]) => ({
  x: (a.x + b.x) / 2,
  y: (a.y + b.y) / 2,
});

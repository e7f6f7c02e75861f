import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { rectangle } from '../../../testing/rooms';
import { execute } from '../../commands/command';
import { setRowWay } from '../../commands/set-row-way';
import { shiftItems } from '../../commands/shift-items';
import { galleyWithBay } from '../../demo/galley-with-bay';
import type { Design } from '../../document/design';
import { must } from '../../result';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';
import { drawPlan } from '../plan';
import type { Primitive, TextMark } from '../primitives';
import { labelOf } from './label-ways';

const viewOf = (design: Design, id: string): readonly Primitive[] => {
  const view = roomViews(design).find((one) => one.id === id);
  return view ? drawSingleView(design, view, 20) : drawPlan(design, 20);
};
const labelsOf = (design: Design, view: string, key: string): TextMark[] =>
  viewOf(design, view).flatMap((mark) => (mark.type === 'text' && mark.label === key ? [mark] : []));
const after = (design: Design, change: Parameters<typeof setRowWay.run>[1]) =>
  must(execute(setRowWay, design, change)).design;

describe('what is written by itself', () => {
  it('stands where a person has put it, so far from its usual place, and goes with what it is of', () => {
    const builder = rectangle(4000, 3000);
    const cabinet = builder.set('F600', 'face-a', 500);
    const key = `label numbers ${cabinet}`;
    expect(labelOf(key)).toBe(cabinet);
    for (const view of ['plan', 'face-a']) {
      const [before] = labelsOf(builder.design, view, key);
      const design = after(builder.design, { id: 'w', view, row: key, off: 12, over: -9.5 });
      const [moved] = labelsOf(design, view, key);
      expect(moved!.at.x - before!.at.x).toBeCloseTo(12 * 20, 6);
      expect(moved!.at.y - before!.at.y).toBeCloseTo(-9.5 * 20, 6);
      const shifted = must(execute(shiftItems, design, { ids: [cabinet], by: { x: 300, y: 0 } })).design;
      expect(labelsOf(shifted, view, key)[0]!.at.x - moved!.at.x).toBeCloseTo(300, 6);
      // Far from its place it leads back there.
      const marks = viewOf(design, view);
      expect(
        marks.some((mark) => mark.type === 'path' && mark.layer === 'numbers' && mark.rings[0]!.length === 2),
      ).toBe(true);
      // On the other drawing it stands where it stood.
      const other = view === 'plan' ? 'face-a' : 'plan';
      expect(labelsOf(design, other, key)).toEqual(labelsOf(builder.design, other, key));
      const back = after(design, { id: 'w', view, row: key, off: 0, over: 0 });
      expect(Object.keys(back.records)).not.toContain('w');
      const none = after(design, { id: 'w', view, row: key, hidden: true });
      expect(labelsOf(none, view, key)).toEqual([]);
    }
  });

  it('is kept clear of by all else that is', () => {
    const design = galleyWithBay();
    const keys = [
      ...new Set(
        drawPlan(design, 20).flatMap((mark) => (mark.type === 'text' && mark.label ? [mark.label] : [])),
      ),
    ];
    expect(keys.length).toBeGreaterThan(20);
    const [one, other] = keys.filter((key) => key.startsWith('label numbers'));
    const [a] = labelsOf(design, 'plan', one!);
    const [b] = labelsOf(design, 'plan', other!);
    // Put right where another stands: that one gives way.
    const on = { off: (b!.at.x - a!.at.x) / 20, over: (b!.at.y - a!.at.y) / 20 };
    const put = after(design, { id: 'w', view: 'plan', row: one!, ...on });
    expect(labelsOf(put, 'plan', one!)[0]!.at.x).toBeCloseTo(b!.at.x, 1);
    expect(labelsOf(put, 'plan', other!)[0]!.at).not.toEqual(b!.at);
    expect(textFaults(drawPlan(put, 20), 20).filter(({ what }) => what === 'overlap')).toEqual([]);
  });

  it('has limits to how far it is put, as rows have', () => {
    const { design } = rectangle(4000, 3000);
    const asked = (off: number, over: number) =>
      setRowWay.run(design, { id: 'w', view: 'plan', row: 'label labels room', off, over }).ok;
    expect([asked(500, -500), asked(500.1, 0), asked(0, -500.1)]).toEqual([true, false, false]);
  });
});

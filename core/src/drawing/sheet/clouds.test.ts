import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { editItems } from '../../commands/edit-items';
import { removeThings } from '../../commands/remove-things';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { must } from '../../result';
import type { PathMark } from '../primitives';
import { changedSince, cloudsOn } from './clouds';
import { drawSheets } from './sheet';
import { findPage, findScale } from './sheet-format';
import type { SheetOptions } from './sheet-frame';

const options: SheetOptions = {
  ...{ page: must(findPage('A3')), scale: must(findScale('20')), studio: 'Studio', job: 'Job' },
  ...{ date: '2026-05-14', revision: 3 },
};
const arcs = (changed: readonly string[], design = galleyWithBay()) => {
  const [sheet] = must(drawSheets(design, { ...options, changed, issues: [] }));
  const [plain] = must(drawSheets(design, options));
  return (
    sheet!.marks.filter((mark) => mark.layer === 'sheet').length -
    plain!.marks.filter((mark) => mark.layer === 'sheet').length
  );
};

describe('what has changed since an issue', () => {
  it('is what is there now and was not, or was otherwise', () => {
    const builder = rectangle();
    const [a, b] = [builder.set('F600', 'face-a', 0), builder.set('F600', 'face-a', 700)];
    const before = builder.design;
    expect(changedSince(before, before)).toEqual([]);
    builder.run(editItems, { ids: [a], change: { hand: 'right' } });
    const c = builder.set('F400', 'face-a', 1400);
    builder.run(removeThings, [b]);
    expect(changedSince(before, builder.design).sort()).toEqual([a, c].sort());
  });

  it('has a cloud about it on the drawing, with the number of the issue to come', () => {
    expect(arcs([])).toBe(0);
    expect(arcs(['gone'])).toBe(0);
    expect(arcs(['item-10'])).toBeGreaterThan(10);
    const [sheet] = must(
      drawSheets(galleyWithBay(), {
        ...options,
        changed: ['item-10'],
        issues: [{ number: 4, name: 'Tender', date: '2026-05-01' }],
      }),
    );
    expect(sheet!.marks.some((mark) => mark.type === 'text' && mark.text === '5' && mark.bold)).toBe(true);
  });

  it('stands within its cloud, and clouds that meet are one', () => {
    const square = (source: string, left: number): PathMark => ({
      ...{ type: 'path', layer: 'items', source, closed: true, weight: 0.2, ink: 'drawing' },
      rings: [
        [
          { x: left, y: 50 },
          { x: left + 10, y: 50 },
          { x: left + 10, y: 60 },
          { x: left, y: 60 },
        ],
      ],
    });
    const frame = {
      view: 'plan',
      ...{ drawing: 'plan', name: 'Plan', sheet: 1, packed: false, marks: [0, 0] as const },
      origin: { x: 0, y: 0 },
      box: { left: 0, right: 200, bottom: 0, top: 200 },
      letters: 1,
      ratio: 20,
    };
    const clouds = (lefts: readonly number[]) =>
      cloudsOn(
        lefts.map((left, index) => square(`s${index}`, left)),
        [frame],
        { changed: new Set(lefts.map((_, index) => `s${index}`)), issue: 2 },
      );
    const count = (lefts: readonly number[]) => clouds(lefts).filter(({ type }) => type === 'text').length;
    // A cloud stands 1.5 mm off on either side: 3 mm apart they touch.
    expect(count([50, 63])).toBe(1);
    expect(count([50, 63.1])).toBe(2);
    const bows = clouds([50]).flatMap((mark) => (mark.type === 'arc' ? [mark] : []));
    // Bows lead round the box at 1.5 mm, each bulging away from its middle.
    for (const { centre, radius, from, sweep } of bows) {
      const out = from + sweep / 2;
      const tip = { x: centre.x + radius * Math.cos(out), y: centre.y + radius * Math.sin(out) };
      const away = ({ x, y }: { x: number; y: number }) => Math.hypot(x - 55, y - 55);
      expect(away(tip)).toBeGreaterThan(away(centre));
      const off = Math.max(Math.abs(centre.x - 55), Math.abs(centre.y - 55));
      expect(off).toBeCloseTo(6.5, 6);
    }
    expect(bows).toHaveLength(12);
  });
});

describe('an issue', () => {
  const texts = (more: Partial<SheetOptions>) =>
    must(drawSheets(galleyWithBay(), { ...options, subject: 'set', ...more })).map(({ marks }) =>
      marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : [])),
    );
  it('is named on every sheet and listed on the cover; what is none is said to be a working drawing', () => {
    const issue = { number: 2, name: 'Site', date: '2026-05-14' };
    const before = { number: 1, name: 'Tender', date: '2026-05-01' };
    const pages = texts({ issue, issues: [before] });
    for (const page of pages) {
      expect(page).toContain('Issue 2, Site');
      expect(page.join()).not.toContain('Not issued');
    }
    for (const word of ['2026-05-01', 'Tender', 'Site']) expect(pages[0]).toContain(word);
    for (const page of texts({})) expect(page).toContain('Not issued: a working drawing');
  });
});

import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { anEdit, askFor } from '../../../testing/random-edits';
import { rectangle } from '../../../testing/rooms';
import { demoJobs } from '../../demo/demo-jobs';
import { recordsOf, roomOf, styleOf, type Design } from '../../document/design';
import { applyPatch, patchOf } from '../../document/patch';
import { must } from '../../result';
import { formatLength } from '../../units/format-length';
import type { LengthStyle } from '../../units/units';
import { drawUnfold } from '../elevation/unfold';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';
import { drawPlan } from '../plan';
import type { Primitive } from '../primitives';
import { drawSheets } from '../sheet/sheet';
import { findPage, sheetScales } from '../sheet/sheet-format';
import { labelOf } from './label-ways';
import { sheetSubjects } from '../sheet/sheet-frame';

/** The scales of sheets, and of the screen far off, usual and near. */
const scales = [...sheetScales.map(({ ratio }) => ratio), 110, 35, 8];

/** Everything wrong with the texts of every drawing of a design. */
function faultsOf(design: Design, scale: number): string[] {
  const named = (view: string) => (fault: { what: string; text: string; by: string }) =>
    `${view} 1:${scale}: ${fault.text} ${fault.what} by ${fault.by}`;
  const style = styleOf(design);
  return [
    ...wrongFigures(drawPlan(design, scale), style),
    ...roomViews(design).flatMap((view) => wrongFigures(drawSingleView(design, view, scale), style)),
    ...textFaults(drawPlan(design, scale), scale).map(named('plan')),
    ...textFaults(drawPlan(design, scale, { mode: 'ceiling' }), scale).map(named('ceiling')),
    ...textFaults(drawPlan(design, scale, { medium: 'screen' }), scale).map(named('plan on screen')),
    ...textFaults(drawUnfold(design, scale), scale).map(named('unfold')),
    ...roomViews(design).flatMap((view) =>
      textFaults(drawSingleView(design, view, scale), scale).map(named(view.name)),
    ),
    ...sheetsOf(design, scale).flatMap(({ name, sheet: { page, marks } }) =>
      textFaults(marks, 1, { left: 0, bottom: 0, right: page.width, top: page.height }).map(named(name)),
    ),
  ];
}

/** Figures of dimensions that are a step or more from what they measure. */
function wrongFigures(marks: readonly Primitive[], style: LengthStyle): string[] {
  return marks.flatMap((mark) => {
    if (mark.type !== 'text' || !mark.measured) return [];
    const [a, b] = mark.measured.line;
    const steps = Math.hypot(b.x - a.x, b.y - a.y) / style.step;
    const said = [Math.floor(steps + 1e-6), Math.ceil(steps - 1e-6)].map((count) =>
      formatLength(count * style.step, style),
    );
    return said.includes(mark.text) ? [] : [`${mark.text} for ${steps * style.step}`];
  });
}

/** Every sheet of a design at a scale, on the largest page. */
function sheetsOf(design: Design, ratio: number) {
  const scale = sheetScales.find((one) => one.ratio === ratio);
  if (!scale) return [];
  return sheetSubjects.flatMap((subject) => {
    const titles = { studio: 'Tidewrack', job: 'Cottage', date: '2026-11-29', revision: 3 };
    const drawn = drawSheets(design, { subject, page: must(findPage('Arch D')), scale, ...titles });
    return drawn.ok ? drawn.value.map((sheet, index) => ({ name: `${subject} ${index + 1}`, sheet })) : [];
  });
}

describe('the texts of drawings', () => {
  it.each(demoJobs().flatMap(({ rooms }) => rooms.map((room) => [roomOf(room).name, room] as const)))(
    'lie apart, and clear of heavy strokes, in every drawing of the %s',
    (_, room) => {
      for (const scale of scales) expect(faultsOf(room, scale)).toEqual([]);
    },
  );

  it.each([
    ['', { numRuns: Number(process.env['DRAW_RUNS'] ?? 25) }],
    [', where a sliver of a top stands between large ones', { seed: 178382744, path: '4', numRuns: 1 }],
  ])('lie apart in rooms made by random edits (property)%s', (_, which) => {
    fc.assert(
      fc.property(
        fc.array(anEdit, { minLength: 40, maxLength: 40 }),
        fc.constantFrom(...scales),
        (edits, scale) => {
          let { design } = rectangle(4_000, 3_000);
          edits.forEach((edit, index) => {
            const asked = askFor(design, edit, index);
            if (asked.ok) design = must(applyPatch(design, asked.value));
          });
          // What a person has put on paper stands where that was put.
          const own = [
            ...recordsOf(design, 'dimension'),
            ...recordsOf(design, 'frame'),
            ...recordsOf(design, 'row-way').filter(({ row }) => labelOf(row) !== null),
          ].map(({ id }) => id);
          const plain = must(applyPatch(design, patchOf(design, [], own)));
          expect(faultsOf(plain, scale)).toEqual([]);
        },
      ),
      { ...which, endOnFailure: true },
    );
  });
});

import { recordOf, type Design } from '../document/design';
import { MOST_DIMENSION_ENDS, MOST_OFF, type DimensionType } from '../document/limits';
import { applyPatch, patchOf } from '../document/patch';
import type { DimensionEnd, DimensionRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { placeOfEnd } from '../drawing/dimensions/ends';
import { areaOf, ownDimensions, radiusOf, type OwnView } from '../drawing/dimensions/own-dimensions';
import { ownView, ownViewIds } from '../drawing/own-views';
import { refuse, type Result } from '../result';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** How many ends each type has at the least and at the most. */
export const dimensionEnds: Record<DimensionType, readonly [least: number, most: number]> = {
  length: [2, MOST_DIMENSION_ENDS],
  baseline: [2, MOST_DIMENSION_ENDS],
  angle: [3, 3],
  radius: [1, 1],
  level: [1, 1],
  area: [1, 1],
  note: [1, 1],
  detail: [1, 1],
};

/** Puts a dimension or a note on a drawing, or changes one that is there. */
export const putDimension: Command<DimensionRecord> = {
  id: 'put-dimension',
  run(design, dimension) {
    const view = ownView(design, dimension.view);
    if (!view)
      return refuse('sheet-unknown', { what: 'view', value: dimension.view, known: ownViewIds(design) });
    const wrong =
      firstRefusal(
        within('distance', dimension.off, -MOST_OFF, MOST_OFF),
        within('distance', dimension.over ?? 0, -MOST_OFF, MOST_OFF),
      ) ?? endsRefused(design, dimension, view);
    if (wrong) return wrong;
    const after: DimensionRecord = { ...dimension, off: quantise(dimension.off) };
    if (after.over !== undefined) after.over = quantise(after.over);
    const text = after.text?.trim();
    if (text) after.text = text;
    else delete after.text;
    if (after.type === 'note' && !text) return refuse('note-blank', {});
    const patch = patchOf(design, [after]);
    const applied = applyPatch(design, patch);
    if (!applied.ok) return applied;
    const drawn = ownDimensions(applied.value, view, 20);
    if (!drawn.some((mark) => mark.source === after.id && mark.type === 'text'))
      return refuse('dimension-nothing', {});
    return guarded(design, patch);
  },
};

/** Why what a dimension is of can't be, if so. */
function endsRefused(
  design: Design,
  { id, type, ends }: DimensionRecord,
  view: OwnView,
): Extract<Result<never>, { ok: false }> | null {
  const [least, most] = dimensionEnds[type];
  if (ends.length < least || ends.length > most)
    return refuse('dimension-ends', { least, most, found: ends.length });
  const before = recordOf(design, 'dimension', id)?.ends.map(({ of }) => of) ?? [];
  // What it has been of may have gone; anything new has to be there.
  const gone = ends.find((end: DimensionEnd) => !before.includes(end.of) && !placeOfEnd(design, end));
  if (gone) return refuse('record-missing', { id: gone.of, what: 'thing' });
  const [first] = ends;
  if (!placeOfEnd(design, first!)) return null;
  if (type === 'radius' && radiusOf(design, first!.of) === null) return refuse('dimension-none', { type });
  return type === 'area' && areaOf(design, first!, view) === null ? refuse('dimension-none', { type }) : null;
}

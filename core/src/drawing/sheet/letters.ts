import { recordsOf, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import type { Bounds } from '../../geometry/polygon';
import { quantise } from '../../units/units';
import type { Result } from '../../result';
import { USUAL_DETAIL_SCALE } from '../dimensions/details';
import type { Primitive } from '../primitives';
import type { Page, SheetScale } from './sheet-format';
import type { Sheet, SheetOptions, ViewOnPage } from './sheet-frame';
import { onPaper } from './sheet-marks';
import { letterSizes } from './style-choices';
import type { SheetStyle } from './style-record';

/*
 * Sheets with larger letters are drawn with usual ones on a page that is so much smaller, at scales that are so much smaller, and all of it is then enlarged: so everything that finds room
 * for letters, and all that is said of sizes on paper, knows of usual ones only.
 */

/** By how much a studio's letters are larger than usual. */
export const lettersOf = (style: SheetStyle | undefined): number => letterSizes[style?.letters ?? 'usual'];

/** Scales as sheets are drawn at them before they are enlarged. */
export function scalesFor(
  style: SheetStyle | undefined,
  scales: readonly SheetScale[],
): readonly SheetScale[] {
  const by = lettersOf(style);
  return by === 1 ? scales : scales.map((scale) => ({ ...scale, ratio: scale.ratio * by }));
}

/** What sheets are drawn on and at before they are enlarged. */
export function beforeEnlarged(options: SheetOptions): SheetOptions {
  const { page, scale, style } = options;
  const by = lettersOf(style);
  if (by === 1) return options;
  return {
    ...options,
    page: { ...page, width: page.width / by, height: page.height / by },
    scale: { ...scale, ratio: scale.ratio * by },
  };
}

/** A room with what is said in it of sizes on real pages as it is before these are enlarged. */
export function roomBeforeEnlarged(design: Design, style: SheetStyle | undefined): Design {
  const by = lettersOf(style);
  return by === 1 ? design : smaller(design, { by });
}

const smaller = remember((design: Design, { by }: { by: number }): Design => {
  const frames = recordsOf(design, 'frame').map((record) => {
    const { ratio, place } = record;
    return {
      ...record,
      ...(ratio !== undefined && { ratio: ratio * by }),
      ...(place && { place: { ...place, x: place.x / by, y: place.y / by } }),
    };
  });
  const details = recordsOf(design, 'dimension').flatMap((record) =>
    record.type === 'detail' ? [{ ...record, ratio: (record.ratio ?? USUAL_DETAIL_SCALE) * by }] : [],
  );
  const changed = Object.fromEntries([...frames, ...details].map((record) => [record.id, record]));
  return { ...design, records: { ...design.records, ...changed } };
});

/** Sheets as they are on their page, or why they can't be, in its sizes. */
export function enlarged(
  drawn: Result<Sheet[]>,
  { page, style }: Pick<SheetOptions, 'page' | 'style'>,
): Result<Sheet[]> {
  const by = lettersOf(style);
  if (by === 1) return drawn;
  if (drawn.ok) return { ...drawn, value: drawn.value.map((sheet) => enlargedSheet(sheet, page, by)) };
  const { refusal } = drawn;
  if (refusal.code !== 'sheet-too-small') return drawn;
  const { width, height, scale } = refusal.data;
  const size = { width: width * by, height: height * by, scale: quantise(scale / by) };
  const data = { ...refusal.data, ...size, letters: true };
  return { ok: false, refusal: { ...refusal, data } };
}

function enlargedSheet({ title, marks, frames, pictures }: Sheet, page: Page, by: number): Sheet {
  return {
    ...{ page, title },
    marks: marks.map((mark) => enlargedMark(mark, by)),
    frames: frames.map((frame): ViewOnPage => ({
      ...frame,
      origin: { x: frame.origin.x * by, y: frame.origin.y * by },
      box: enlargedBox(frame.box, by),
      ratio: quantise(frame.ratio / by),
      letters: by,
    })),
    pictures: pictures.map(({ box, picture }) => ({ box: enlargedBox(box, by), picture })),
  };
}

/** Lines stay as heavy as they are. */
function enlargedMark(mark: Primitive, by: number): Primitive {
  const moved = onPaper(mark, { x: 0, y: 0 }, 1 / by);
  return moved.type === 'text' ? { ...moved, size: moved.size * by } : moved;
}

const enlargedBox = ({ left, right, bottom, top }: Bounds, by: number): Bounds => ({
  left: left * by,
  right: right * by,
  bottom: bottom * by,
  top: top * by,
});

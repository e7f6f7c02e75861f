import type { Design } from '../../document/design';
import type { Bounds } from '../../geometry/polygon';
import type { Noun } from '../../nouns';
import { ok, refuse, type Result } from '../../result';
import { drawingBounds } from '../plan-with';
import type { Primitive } from '../primitives';
import { scalesFor } from './letters';
import { asFramed, fittingScale, frameWay, intoField } from './frame-ways';
import { sheetScales, type SheetScale } from './sheet-format';
import { fieldOf, type SheetOptions, type ViewOnPage } from './sheet-frame';
import { onPaper } from './sheet-marks';

type Draw = (ratio: number) => readonly Primitive[];

/** A drawing that has a page to itself. */
export interface FieldDrawing {
  /** What it goes by in the set, and in the records of what is put on it, where anything can be. */
  drawing: string;
  view: string | null;
  name: string;
  draw: Draw;
  /** What has to fit as well where another scale is chosen; it alone unless given. */
  alike?: readonly Draw[];
  /** What is said not to fit; the room unless given. */
  what?: Noun;
  /** Which sheet of its subject it lies on; the first unless given. */
  sheet?: number;
}

/** A drawing in its place on a page. */
export interface InField {
  marks: Primitive[];
  scale: SheetScale;
  frames: ViewOnPage[];
}

/** A drawing in the middle of the field of a page, or where a person has put it there. Refused where it does not fit, naming the scales at which it does. */
export function inField(
  design: Design,
  options: SheetOptions,
  { drawing, view, name, draw, alike = [draw], what = 'room-drawn', sheet = 1 }: FieldDrawing,
): Result<InField> {
  const { page, scale, style } = options;
  const field = fieldOf(page);
  const way = frameWay(design, drawing);
  const drawn = new Map<number, { marks: readonly Primitive[]; box: Bounds }>();
  const at = (ratio: number) => {
    let known = drawn.get(ratio);
    if (!known) drawn.set(ratio, (known = { marks: asFramed(draw(ratio), way, ratio), box: noBox }));
    if (known.box === noBox) known.box = onPaperBox(known.marks, ratio);
    return known;
  };
  const own = fittingScale(way?.ratio, options, ({ ratio }) => fits(at(ratio).box, field));
  if (!own) {
    const { box } = at(scale.ratio);
    const others = scalesFor(style, sheetScales).filter(({ ratio }) =>
      alike.every((one) => fits(one === draw ? at(ratio).box : onPaperBox(one(ratio), ratio), field)),
    );
    return refuse('sheet-too-small', {
      ...{ what, width: wide(box), height: high(box), scale: scale.ratio, page: page.id },
      fits: others.map(({ text }) => text),
    });
  }
  const { marks, box } = at(own.ratio);
  const place = way?.place?.page === page.id ? way.place : null;
  const origin = place ?? {
    x: (field.left + field.right - box.left - box.right) / 2,
    y: (field.bottom + field.top - box.bottom - box.top) / 2,
  };
  const by = intoField(moved(box, origin), field);
  const zero = { x: origin.x + by.x, y: origin.y + by.y };
  return ok({
    marks: marks.map((mark) => onPaper(mark, zero, own.ratio)),
    scale: own,
    frames: [
      {
        ...{ drawing, name, view, sheet, packed: false, origin: zero, ratio: own.ratio, letters: 1 },
        ...{ box: moved(box, zero), marks: [0, marks.length] },
      },
    ],
  });
}

const noBox: Bounds = { left: 0, right: 0, bottom: 0, top: 0 };
const wide = ({ left, right }: Bounds) => right - left;
const high = ({ bottom, top }: Bounds) => top - bottom;
const fits = (box: Bounds, field: Bounds) => wide(box) <= wide(field) && high(box) <= high(field);

/** What marks take about their own zero, paper mm. */
export function onPaperBox(marks: readonly Primitive[], ratio: number): Bounds {
  if (marks.length === 0) return noBox;
  const { left, right, bottom, top } = drawingBounds(marks, ratio);
  return { left: left / ratio, right: right / ratio, bottom: bottom / ratio, top: top / ratio };
}

/** A box about another zero. */
export const moved = ({ left, right, bottom, top }: Bounds, by: { x: number; y: number }): Bounds => ({
  ...{ left: left + by.x, right: right + by.x, bottom: bottom + by.y, top: top + by.y },
});

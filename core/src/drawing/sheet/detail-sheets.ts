import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import { ok, refuse, type Result } from '../../result';
import { ownDimensionWords, sheetWords } from '../../wording/drawing-words';
import { uncapital } from '../../wording/words';
import { clippedTo } from '../clipped';
import { detailsOf, type Detail } from '../dimensions/details';
import { CEILING, PLAN } from '../dimensions/row-ways';
import { drawSingleView } from '../elevation/single-view';
import { roomViews } from '../elevation/views';
import { ownView } from '../own-views';
import { drawPlan } from '../plan';
import { WEIGHT, type Primitive } from '../primitives';
import { titleOf } from '../view-choices';
import { packedPages, type PackedDrawing } from './packed-pages';
import { scalesFor } from './letters';
import { frameScales } from './sheet-format';
import type { SheetContent, SheetOptions } from './sheet-frame';

/** What is cut off at the circle of a detail is cut at so many sides of one. */
const SIDES = 120;

/** The details of a room, each within its circle, on as many pages as they take. */
export function detailSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const details = detailsOf(design).flatMap((detail) => detailDrawing(design, detail, options));
  if (details.length === 0) return refuse('no-details', {});
  const packed = packedPages(design, options, details);
  if (!packed.ok) return packed;
  return ok(
    packed.value.map(({ marks, frames, scales }, index): SheetContent => ({
      title: index === 0 ? sheetWords.details : sheetWords.more(sheetWords.details, index),
      shows: uncapital(sheetWords.details),
      ...{ marks, column: [], scale: scales[0]!, scales, frames },
    })),
  );
}

/** A detail as it is drawn; nothing where the drawing it is of is there no more. */
function detailDrawing(
  design: Design,
  { record, number, place, reach, ratio }: Detail,
  { style }: SheetOptions,
): PackedDrawing[] {
  const view = ownView(design, record.view);
  const upright = roomViews(design).find(({ id }) => id === record.view);
  const scale = scalesFor(style, frameScales).find((one) => one.ratio === ratio);
  if (!view || !scale) return [];
  const centre = view.project(place);
  const whole = (at: number): readonly Primitive[] => {
    if (upright) return drawSingleView(design, upright, at);
    return drawPlan(design, at, record.view === CEILING ? { mode: 'ceiling' } : {});
  };
  const of = record.view === PLAN ? sheetWords.plan : upright ? titleOf(upright) : sheetWords.ceiling;
  return [
    {
      ...{ drawing: record.id, view: record.view, middle: centre.x, scale },
      name: ownDimensionWords.detailOf(number, record.text ?? null, uncapital(of)),
      draw: (at) => [
        ...clippedTo(
          whole(at).filter(({ source }) => source !== record.id),
          around(centre, reach),
          at,
        ),
        {
          ...{ type: 'arc', layer: 'labels', centre, radius: reach, from: 0, sweep: 2 * Math.PI },
          ...{ weight: WEIGHT.object, ink: 'drawing' },
        },
      ],
    },
  ];
}

const around = ({ x, y }: Point, radius: number): Point[] =>
  Array.from({ length: SIDES }, (_, index) => {
    const angle = (2 * Math.PI * index) / SIDES;
    return { x: x + radius * Math.cos(angle), y: y + radius * Math.sin(angle) };
  });

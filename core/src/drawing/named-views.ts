import type { Design } from '../document/design';
import { ok, refuse, type Result } from '../result';
import { drawSingleView } from './elevation/single-view';
import { drawUnfold } from './elevation/unfold';
import { roomViews } from './elevation/views';
import { drawPlan } from './plan';
import { drawingBounds } from './plan-with';
import { TEXT, type Primitive } from './primitives';
import { onPaper } from './sheet/sheet-marks';
import { namesOf, viewChoices } from './view-choices';

/** What asks for every drawing of a room in one. */
export const EVERY_VIEW = 'all';
/** Between drawings that lie side by side, and from one down to its name, mm of paper. */
const BESIDE = 20;
const UNDER = 8;

/** A drawing of a room by its name, at a scale; or every one of them, side by side, each over its name. */
export function drawNamed(design: Design, view: string, scale: number): Result<readonly Primitive[]> {
  switch (view) {
    case EVERY_VIEW:
      return ok(everyView(design, scale));
    case 'plan':
      return ok(drawPlan(design, scale));
    case 'ceiling':
      return ok(drawPlan(design, scale, { mode: 'ceiling' }));
    case 'unfold':
      return ok(drawUnfold(design, scale));
  }
  const views = roomViews(design);
  const found = views.find((one) => namesOf(one).some((name) => name.toLowerCase() === view.toLowerCase()));
  if (found) return ok(drawSingleView(design, found, scale));
  return refuse('sheet-unknown', {
    what: 'view',
    value: view,
    known: [EVERY_VIEW, ...viewChoices(design).map(({ id }) => id)],
  });
}

function everyView(design: Design, scale: number): Primitive[] {
  let left = 0;
  return viewChoices(design).flatMap(({ id, title }): Primitive[] => {
    if (id === 'unfold') return [];
    const drawn = drawNamed(design, id, scale);
    if (!drawn.ok || drawn.value.length === 0) return [];
    const bounds = drawingBounds(drawn.value, scale);
    const by = { x: left - bounds.left, y: -bounds.bottom };
    left += bounds.right - bounds.left + BESIDE * scale;
    const name: Primitive = {
      ...{ type: 'text', layer: 'labels', text: title, size: TEXT.title, anchor: 'start', turn: 0 },
      ...{ at: { x: by.x + bounds.left, y: -UNDER * scale }, ink: 'drawing', bold: true },
    };
    return [...drawn.value.map((mark) => onPaper(mark, by, 1)), name];
  });
}

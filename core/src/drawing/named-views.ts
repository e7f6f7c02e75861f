import type { Design } from '../document/design';
import { ok, refuse, type Result } from '../result';
import { drawSingleView } from './elevation/single-view';
import { drawUnfold } from './elevation/unfold';
import { roomViews } from './elevation/views';
import { drawPlan } from './plan';
import type { Primitive } from './primitives';
import { namesOf, viewChoices } from './view-choices';

/** A drawing of a room by its name, at a scale. */
export function drawNamed(design: Design, view: string, scale: number): Result<readonly Primitive[]> {
  switch (view) {
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
    known: viewChoices(design).map(({ id }) => id),
  });
}

import type { Design } from '../document/design';
import { drawRowElevation, drawSingleElevation } from '../drawing/elevation/draw-elevation';
import { drawUnfold } from '../drawing/elevation/unfold';
import { drawPlan } from '../drawing/plan';
import type { Primitive } from '../drawing/primitives';
import { findScale } from '../drawing/sheet-format';
import { writeDrawingSvg } from '../exports/svg';
import { ok, refuse, type Result } from '../result';
import { itemBoxes } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';

export interface DrawFlags {
  view: string;
  format: string;
  scale: string;
}

/** A view of a design as a drawing: its marks as JSON, or an SVG true to scale. */
export function drawCommand(design: Design, flags: DrawFlags): Result<{ text: string }> {
  const scale = findScale(flags.scale);
  if (!scale.ok) return scale;
  if (flags.format !== 'svg' && flags.format !== 'json')
    return refuse('sheet-unknown', { what: 'format', value: flags.format, known: ['svg', 'json'] });
  const { ratio, text } = scale.value;
  const marks = marksOf(design, flags.view, ratio);
  if (!marks.ok) return marks;
  if (flags.format === 'svg') return ok({ text: `${writeDrawingSvg(marks.value, ratio)}\n` });
  const drawing = { view: flags.view, scale: text, unit: 'mm', marks: marks.value };
  return ok({ text: `${JSON.stringify(drawing, null, 2)}\n` });
}

function marksOf(design: Design, view: string, scale: number): Result<readonly Primitive[]> {
  switch (view) {
    case 'plan':
      return ok(drawPlan(design, scale));
    case 'ceiling':
      return ok(drawPlan(design, scale, { mode: 'ceiling' }));
    case 'unfold':
      return ok(drawUnfold(design, scale));
  }
  const { faces } = roomShape(design);
  const [kind, which = ''] = view.split(':');
  if (kind === 'elevation') {
    const face = faces.find(({ letter, id }) => letter === which.toUpperCase() || id === which);
    if (face) return ok(drawSingleElevation(design, face, scale));
    const box = itemBoxes(design).find(({ id, against }) => id === which && against === null);
    if (box) return ok(drawRowElevation(design, box, scale));
  }
  const known = [
    'plan',
    'ceiling',
    'unfold',
    ...faces.map(({ letter }) => `elevation:${letter}`),
    'elevation: and the id of an item that stands free',
  ];
  return refuse('sheet-unknown', { what: 'view', value: view, known });
}

import type { Design } from '../document/design';
import { drawUnfold } from '../drawing/elevation/unfold';
import { drawSingleView } from '../drawing/elevation/single-view';
import { roomViews, type RoomView } from '../drawing/elevation/views';
import { drawPlan } from '../drawing/plan';
import type { Primitive } from '../drawing/primitives';
import { findScale } from '../drawing/sheet/sheet-format';
import { writeDxf } from '../exports/dxf';
import { writeDrawingSvg } from '../exports/svg';
import { ok, refuse, type Result } from '../result';

export interface DrawFlags {
  view: string;
  format: string;
  scale: string;
}

const formats = ['svg', 'dxf', 'json'];

/** A view of a design as a drawing: an SVG true to scale, a DXF in true millimetres, or its marks as JSON. */
export function drawCommand(design: Design, flags: DrawFlags): Result<{ text: string }> {
  const scale = findScale(flags.scale);
  if (!scale.ok) return scale;
  if (!formats.includes(flags.format))
    return refuse('sheet-unknown', { what: 'format', value: flags.format, known: formats });
  const { ratio, text } = scale.value;
  const marks = marksOf(design, flags.view, ratio);
  if (!marks.ok) return marks;
  if (flags.format === 'svg') return ok({ text: `${writeDrawingSvg(marks.value, ratio)}\n` });
  if (flags.format === 'dxf') return ok({ text: writeDxf(marks.value, ratio) });
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
  const views = roomViews(design);
  const found = views.find((one) => namesOf(one).some((name) => name.toLowerCase() === view.toLowerCase()));
  if (found) return ok(drawSingleView(design, found, scale));
  const known = ['plan', 'ceiling', 'unfold', ...views.map((one) => namesOf(one)[0]!)];
  return refuse('sheet-unknown', { what: 'view', value: view, known });
}

/** What a view can be asked for as: a face by its letter or id, a side by what it is of and which it is (the front of an island by any item of it), a section by its name or id. */
function namesOf(view: RoomView): string[] {
  switch (view.of) {
    case 'face':
      return [`elevation:${view.name}`, `elevation:${view.id}`];
    case 'section':
      return [`section:${view.section.record.name}`, `section:${view.id}`];
    case 'side': {
      const { side, record, only } = view.side;
      const whole = side === 'front' ? [record.id, ...(only ?? [])] : [];
      return [view.id, ...whole].map((name) => `elevation:${name}`);
    }
  }
}

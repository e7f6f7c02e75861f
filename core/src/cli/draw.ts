import type { Design } from '../document/design';
import { drawNamed } from '../drawing/named-views';
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
  const marks = drawNamed(design, flags.view, ratio);
  if (!marks.ok) return marks;
  if (flags.format === 'svg') return ok({ text: `${writeDrawingSvg(marks.value, ratio)}\n` });
  if (flags.format === 'dxf') return ok({ text: writeDxf(marks.value, ratio) });
  const drawing = { view: flags.view, scale: text, unit: 'mm', marks: marks.value };
  return ok({ text: `${JSON.stringify(drawing, null, 2)}\n` });
}

import { ok, type Result } from '../../result';
import type { Primitive } from '../primitives';
import { alongLine } from '../rich-text';
import type { Typeface } from '../typefaces';
import type { Sheet } from './sheet-frame';
import type { SheetStyle } from './style-record';

/*
 * Sheets find room for their letters in the plain typeface; those of another are then set in that room, narrower where they would be wider. So no text comes to lie
 * over another, whatever a studio writes in.
 */

/** Sheets, or why they can't be, in the typeface of a studio. */
export function inTypeface(drawn: Result<Sheet[]>, style: SheetStyle | undefined): Result<Sheet[]> {
  const { typeface = 'plain' } = style ?? {};
  return drawn.ok ? ok(sheetsIn(typeface, drawn.value)) : drawn;
}

export const sheetsIn = (typeface: Typeface, sheets: Sheet[]): Sheet[] =>
  typeface === 'plain'
    ? sheets
    : sheets.map((sheet) => ({ ...sheet, marks: sheet.marks.map((mark) => markIn(typeface, mark)) }));

function markIn(typeface: Typeface, mark: Primitive): Primitive {
  if (mark.type !== 'text') return mark;
  const { piece, size, at, turn } = mark;
  if (!piece) return { ...mark, typeface };
  // What stands before it on its line takes more or less room than it did.
  const on = alongLine(piece, size, typeface) - alongLine(piece, size);
  return { ...mark, typeface, at: { x: at.x + on * Math.cos(turn), y: at.y + on * Math.sin(turn) } };
}

import type { Typeface } from '../src/drawing/typefaces';

export function drawingFonts(typeface?: Typeface): Promise<{ regular: Uint8Array; bold: Uint8Array }>;

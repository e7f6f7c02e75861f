export function drawingFonts(
  typeface?: 'plain' | 'narrow' | 'book',
): Promise<{ regular: Uint8Array; bold: Uint8Array }>;

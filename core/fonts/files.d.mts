export function drawingFonts(): Promise<{ regular: Uint8Array; bold: Uint8Array }>;

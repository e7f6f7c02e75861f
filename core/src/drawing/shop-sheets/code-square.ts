import { create } from 'qrcode';
import type { Point } from '../../geometry/point';
import type { Primitive } from '../primitives';

/** A text as a square of dark and light that a camera reads (QR code, a quarter of it may be spoilt), its low left corner there, so large; paper mm. Light is free about it by four of its dots. */
export function codeSquare(text: string, { x, y }: Point, size: number): Primitive {
  const { modules } = create(text, { errorCorrectionLevel: 'Q' });
  const dot = size / modules.size;
  const rings: Point[][] = [];
  for (let row = 0; row < modules.size; row++) {
    let from: number | null = null;
    for (let column = 0; column <= modules.size; column++) {
      const isDark = column < modules.size && modules.get(row, column) === 1;
      if (isDark && from === null) from = column;
      if (isDark || from === null) continue;
      const [left, right] = [x + from * dot, x + column * dot];
      const top = y + size - row * dot;
      rings.push([
        { x: left, y: top - dot },
        { x: right, y: top - dot },
        { x: right, y: top },
        { x: left, y: top },
      ]);
      from = null;
    }
  }
  return { type: 'path', layer: 'sheet', rings, closed: true, weight: 0, ink: 'drawing', fill: 'drawing' };
}

import type { Handle } from '../solids/handles';
import { box, joined, slab, type Frame, type Mesh } from './mesh';
import { bar, circle } from './shapes';

/** What a front is taken hold of by, before its face. */
export function handleMesh(
  { by, across, up, half, off }: Handle,
  frame: Frame,
  low: number,
  face: number,
): Mesh {
  const at = low + up;
  const [left, right] = [across - half.across, across + half.across];
  switch (by) {
    case 'bar': {
      const upright = half.up > half.across;
      return bar(frame, across, at, Math.max(half.across, half.up), upright, face, off);
    }
    case 'knob': {
      const round = (radius: number, from: number, to: number) =>
        slab(frame, circle(across, at, radius), [face + from, face + to]);
      return joined(round(half.across * 0.45, 0, off * 0.55), round(half.across, off * 0.55, off));
    }
    case 'cup': {
      // A shell open below: its back plate, its hood and a brow before it.
      const [bottom, top] = [at - half.up, at + half.up];
      return joined(
        box(frame, [left, right], [face, face + 2], [bottom, top]),
        box(frame, [left, right], [face + 2, face + off], [top - 3, top]),
        box(frame, [left, right], [face + off - 3, face + off], [bottom + half.up * 0.5, top - 3]),
        box(frame, [left, left + 3], [face + 2, face + off - 3], [bottom + half.up * 0.5, top - 3]),
        box(frame, [right - 3, right], [face + 2, face + off - 3], [bottom + half.up * 0.5, top - 3]),
      );
    }
    case 'edge':
      return joined(
        box(frame, [left, right], [face, face + 2], [at - half.up, at + half.up]),
        box(frame, [left, right], [face + 2, face + off], [at + half.up - 3, at + half.up]),
      );
  }
}

import { highAt } from './cut-fronts';
import type { FrontPart } from './front-parts';

/** What a front is taken hold of by, as an extent before it, mm: its middle in the front's own frame, half of it along and across, how far it stands off. */
export interface Handle {
  by: 'bar' | 'knob' | 'cup' | 'edge';
  across: number;
  up: number;
  /** Half its size across and up the front. */
  half: { across: number; up: number };
  off: number;
}

/** How long bars are, and what share of the front a long one takes. */
const BAR = { long: 128, share: 0.62, thick: 10, off: 32 };
const KNOB = { wide: 32, off: 28 };
const CUP = { wide: 96, high: 40, off: 26 };
/** A thin angle over the edge of a front. */
const EDGE = { share: 0.5, high: 22, off: 14 };

/** The handle of a front; null where it has none. */
export function handleOf(front: FrontPart): Handle | null {
  const { pull, left, right, low, heads } = front;
  if (!pull) return null;
  const { across, up, upright, by = 'bar' } = pull;
  const high = highAt(front, across);
  const room = upright ? high - low : right - left;
  const barred = (half: number, at: { across: number; up: number }): Handle => {
    const thick = BAR.thick / 2;
    const size = upright ? { across: thick, up: half } : { across: half, up: thick };
    return { by: 'bar', ...at, half: size, off: BAR.off };
  };
  switch (by) {
    case 'bar':
      return barred(Math.min(BAR.long / 2, room / 3), { across, up });
    case 'long-bar': {
      // In the middle of the edge it is at.
      const middle = upright ? { across, up: (low + high) / 2 } : { across: (left + right) / 2, up };
      return barred((room * BAR.share) / 2, middle);
    }
    case 'knob':
      return { by: 'knob', across, up, half: { across: KNOB.wide / 2, up: KNOB.wide / 2 }, off: KNOB.off };
    case 'cup': {
      const half = { across: Math.min(CUP.wide / 2, room / 3), up: Math.min(CUP.high, high - low) / 2 };
      return { by: 'cup', across, up, half, off: CUP.off };
    }
    case 'edge': {
      // Along the edge it is nearest to, across the front.
      const wide = (right - left) * EDGE.share;
      // No angle goes along a slope.
      const above = !heads && high - up <= up - low;
      const half = { across: wide / 2, up: Math.min(EDGE.high, (high - low) / 3) / 2 };
      const at = above ? high - half.up : low + half.up;
      return { by: 'edge', across: (left + right) / 2, up: at, half, off: EDGE.off };
    }
    case 'none':
      return null;
  }
}

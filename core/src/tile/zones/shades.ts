import type { TileShade } from '../../document/limits';
import type { LaidPiece } from '../lay';

/** How far the lightest and the darkest tile are from the middle of their colour, as a share of the way to white or to black. */
const FURTHEST: Record<TileShade, number> = { uniform: 0, slight: 0.05, moderate: 0.11, strong: 0.2 };
/** Tiles come in so many shades; as many of each. */
const STEPS = 5;

/** By how much a tile is lighter (or darker, below nothing) than its colour, by chance, but the same every time. */
export function shadeOf({ piece, i, k }: Pick<LaidPiece, 'i' | 'k' | 'piece'>, shade: TileShade): number {
  const most = FURTHEST[shade];
  if (most === 0) return 0;
  const { left, bottom } = piece.bounds;
  let seed = (i * 0x9e3779b1) ^ (k * 0x85ebca6b) ^ Math.round(left * 31 + bottom * 17);
  seed = Math.imul(seed ^ (seed >>> 15), 0x2c1b3c6d);
  seed = Math.imul(seed ^ (seed >>> 12), 0x297a2d39);
  const step = ((seed ^ (seed >>> 15)) >>> 0) % STEPS;
  return (most * (2 * step - (STEPS - 1))) / (STEPS - 1);
}

/** A colour (#rrggbb) so much lighter, as a share of the way to white, or darker, to black, below nothing. */
export function shaded(colour: string, by: number): string {
  const towards = by > 0 ? 255 : 0;
  const parts = [1, 3, 5].map((at) => {
    const own = parseInt(colour.slice(at, at + 2), 16);
    return Math.round(own + (towards - own) * Math.abs(by))
      .toString(16)
      .padStart(2, '0');
  });
  return `#${parts.join('')}`;
}

import type { PlacedOpening } from './openings';

/** A window stands so far into its wall, as a share of that, and is so deep, mm. */
export const WINDOW_MIDDLE = 0.6;
export const WINDOW_DEEP = 70;

/** How deep a hole in a wall is, mm: to the back of a niche, to the frame of a window, else through the wall. */
export function holeDepth({ record, face }: Pick<PlacedOpening, 'face' | 'record'>): number {
  if (record.type === 'niche') return Math.min(record.depth, face.thickness - 1);
  return record.type === 'window' ? face.thickness * WINDOW_MIDDLE - WINDOW_DEEP / 2 : face.thickness;
}

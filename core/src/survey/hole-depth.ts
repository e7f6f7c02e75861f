import type { PlacedOpening } from './openings';

/** A window stands so far into its wall, as a share of that, and is so deep, mm. */
export const WINDOW_MIDDLE = 0.6;
export const WINDOW_DEEP = 70;

/** What of an opening its depth follows from. */
export type Hole = Pick<PlacedOpening, 'bulge' | 'face' | 'record'>;

/**
 * How deep a hole in a wall is, square to the straight line between its jambs, mm: to the back of a niche, to the frame of a window, else through the wall. A niche is everywhere at least
 * as deep as is said of it: its back is flat, and in a bent wall that stands back between the jambs so much farther from these.
 */
export function holeDepth(hole: Hole): number {
  const { record, face } = hole;
  if (record.type !== 'niche')
    return record.type === 'window' ? face.thickness * WINDOW_MIDDLE - WINDOW_DEEP / 2 : face.thickness;
  return Math.min(record.depth, deepestNiche(hole, face.thickness - 1)) + standsBack(hole);
}

/** How deep a niche can be in a wall so thick, mm: where that is bent out of the room, the corners of its back come nearest to the back of the wall, else its middle. */
export function deepestNiche({ record, face: { arc }, bulge }: Hole, thickness: number): number {
  if (!arc) return thickness;
  if (arc.sweep > 0) return thickness - bulge;
  return Math.sqrt(Math.max(0, (arc.radius + thickness) ** 2 - (record.width / 2) ** 2)) - arc.radius;
}

/** How far the middle of a bent face stands back behind the line between the jambs, mm; 0 where it comes into the room. */
export const standsBack = ({ face: { arc }, bulge }: Hole): number => (arc && arc.sweep < 0 ? bulge : 0);

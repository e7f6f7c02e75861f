import { remember } from '../document/remember';
import type { Primitive } from './primitives';

/** Numbers nearer than this, mm, draw the same: far below what is seen, above what an adjustment leaves open. */
const UNSEEN = 1e-4;

/**
 * Remembers the marks of one kind of drawing, record by record: they are drawn anew only where what they follow from has changed,
 * for most of a room stays while something is dragged.
 */
export function rememberedMarks<A extends object, I extends object>(
  draw: (record: A, inputs: I) => Primitive[],
): (record: A, inputs: I) => readonly Primitive[] {
  return remember(draw, { near: UNSEEN });
}

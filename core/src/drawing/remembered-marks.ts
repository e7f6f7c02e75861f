import type { DesignRecord } from '../document/records';
import type { Primitive } from './primitives';

/** Numbers nearer than this, mm, draw the same: far below what is seen, above what an adjustment leaves open. */
const UNSEEN = 1e-4;

/** What a record's marks follow from besides the record itself. */
type Ground = readonly (number | string)[];

/**
 * Remembers the marks of one kind of drawing, record by record: they are drawn anew only where what they follow from has changed,
 * for most of a room stays while something is dragged.
 */
export function rememberedMarks(): (
  record: DesignRecord,
  by: Ground,
  draw: () => Primitive[],
) => readonly Primitive[] {
  const drawn = new WeakMap<DesignRecord, { by: Ground; marks: readonly Primitive[] }>();
  return (record, by, draw) => {
    const last = drawn.get(record);
    if (last?.by.every((value, index) => isSame(value, by[index]!))) return last.marks;
    const marks = draw();
    drawn.set(record, { by, marks });
    return marks;
  };
}

function isSame(a: number | string, b: number | string): boolean {
  return typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) < UNSEEN : a === b;
}

/** A limit is kept when the measure is within this of it; mm, or as the value is. */
export const HELD = 0.02;
/** What rounding may take of it. */
const ROUNDED = 1e-6;

/** Which of two measures is less, and of equal ones (to a thousandth) whose id comes first: what is told of a tie follows neither from the order things are asked in nor from how the room is turned. */
export const byMeasure = (a: { by: number; id: string }, b: { by: number; id: string }): number =>
  Math.round(a.by * 1_000) - Math.round(b.by * 1_000) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Whether a measure comes up to a limit. */
export const isAtLeast = (measured: number, limit: number): boolean => limit - measured <= HELD + ROUNDED;
/** Whether a measure stays within a limit. */
export const isAtMost = (measured: number, limit: number): boolean => measured - limit <= HELD + ROUNDED;

/** A limit is kept when the measure is within this of it; mm, or as the value is. */
export const HELD = 0.02;
/** What rounding may take of it. */
const ROUNDED = 1e-6;

/** Whether a measure comes up to a limit. */
export const isAtLeast = (measured: number, limit: number): boolean => limit - measured <= HELD + ROUNDED;
/** Whether a measure stays within a limit. */
export const isAtMost = (measured: number, limit: number): boolean => measured - limit <= HELD + ROUNDED;

import type { Noun } from '../nouns';
import { ok, refuse, type Result } from '../result';

/** A length held against limits, mm. */
export function within(what: Noun, length: number, least: number, most: number): Result<number> {
  return length >= least && length <= most
    ? ok(length)
    : refuse('length-range', { what, length, least, most });
}

/** The first refusal of several checks, if any. */
export function firstRefusal(...checks: Result<unknown>[]): Extract<Result<never>, { ok: false }> | null {
  for (const check of checks) if (!check.ok) return check;
  return null;
}

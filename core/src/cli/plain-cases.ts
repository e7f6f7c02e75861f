import { MOST_DESIGN_BYTES } from '../document/validate-design';
import { readJson } from '../document/read-json';
import { ok, refuse, type Result } from '../result';

/** Answers a bare JSON text: one case or a list of them, in the same order. `one` is told the case, its path, and whether it is one of a list; what it refuses refuses all. */
export function plainCases<T>(
  text: string,
  one: (raw: unknown, path: string, listed: boolean) => Result<T>,
): Result<T | T[]> {
  if (text.length > MOST_DESIGN_BYTES)
    return refuse('design-too-large', { bytes: text.length, most: MOST_DESIGN_BYTES });
  const read = readJson(text);
  if (!read.ok) return read;
  if (!Array.isArray(read.value)) return one(read.value, 'case', false);
  const answers: T[] = [];
  for (const [index, raw] of (read.value as unknown[]).entries()) {
    const answer = one(raw, `cases[${index}]`, true);
    if (!answer.ok) return answer;
    answers.push(answer.value);
  }
  return ok(answers);
}

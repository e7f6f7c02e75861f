import { MOST_DESIGN_BYTES } from '../document/validate-design';
import { readJson } from '../document/read-json';
import { ok, refuse, type Result } from '../result';
import { usualStyle } from '../units/units';
import { refusalText } from '../wording/refusal-text';

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

/** A case of a list that can't be made, and why. */
export interface RefusedCase {
  id: string;
  refused: { code: string; message: string };
}

export type Answered<T> = T | RefusedCase | (T | RefusedCase)[];

/** Answers bare cases that are read and then made. One that is misspelt refuses all; in a list, one that can't be made says so in its place. */
export function eachAnswered<C extends { id: string }, T>(
  text: string,
  read: (raw: unknown, path: string) => Result<C>,
  make: (one: C) => Result<T>,
): Result<Answered<T>> {
  return plainCases<T | RefusedCase>(text, (raw, path, listed) => {
    const one = read(raw, path);
    if (!one.ok) return one;
    const answer = make(one.value);
    if (answer.ok || !listed) return answer;
    const { code } = answer.refusal;
    const message = refusalText(answer.refusal, usualStyle('mm'));
    return ok({ id: one.value.id, refused: { code, message } });
  });
}

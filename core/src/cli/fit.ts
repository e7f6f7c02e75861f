import { MOST_DESIGN_BYTES } from '../document/validate-design';
import { readJson } from '../document/read-json';
import { fit, type Fitted } from '../proposals/fit/fit';
import { readFitCase } from '../proposals/fit/fit-case';
import { ok, refuse, type Result } from '../result';

/** Fills the runs of a bare JSON text: one case or a list of them, answered in the same order. */
export function fitCommand(text: string): Result<Fitted | Fitted[]> {
  if (text.length > MOST_DESIGN_BYTES)
    return refuse('design-too-large', { bytes: text.length, most: MOST_DESIGN_BYTES });
  const read = readJson(text);
  if (!read.ok) return read;
  if (!Array.isArray(read.value)) return fitted(read.value, 'case');
  const answers: Fitted[] = [];
  for (const [index, one] of (read.value as unknown[]).entries()) {
    const answer = fitted(one, `cases[${index}]`);
    if (!answer.ok) return answer;
    answers.push(answer.value);
  }
  return ok(answers);
}

function fitted(raw: unknown, path: string): Result<Fitted> {
  const one = readFitCase(raw, path);
  return one.ok ? ok(fit(one.value)) : one;
}

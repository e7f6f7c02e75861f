import { MOST_DESIGN_BYTES } from '../document/validate-design';
import { readJson } from '../document/read-json';
import { ok, refuse, type Result } from '../result';
import { plainTops, type PlainTops } from '../surfaces/plain/plain-tops';
import { readTopsCase } from '../surfaces/plain/tops-case';
import { usualStyle } from '../units/units';
import { refusalText } from '../wording/refusal-text';

/** A case of a list that can't be made, and why. */
export interface RefusedCase {
  id: string;
  refused: { code: string; message: string };
}

/** The pieces of tops that are given by themselves: one case or a list of them, answered in the same order. A case that is misspelt refuses all; in a list, one that can't be made says so in its place. */
export function plainTopsCommand(text: string): Result<PlainTops | (PlainTops | RefusedCase)[]> {
  if (text.length > MOST_DESIGN_BYTES)
    return refuse('design-too-large', { bytes: text.length, most: MOST_DESIGN_BYTES });
  const read = readJson(text);
  if (!read.ok) return read;
  if (!Array.isArray(read.value)) {
    const one = readTopsCase(read.value, 'case');
    return one.ok ? plainTops(one.value) : one;
  }
  const answers: (PlainTops | RefusedCase)[] = [];
  for (const [index, raw] of (read.value as unknown[]).entries()) {
    const one = readTopsCase(raw, `cases[${index}]`);
    if (!one.ok) return one;
    const answer = plainTops(one.value);
    answers.push(
      answer.ok
        ? answer.value
        : {
            id: one.value.id,
            refused: {
              code: answer.refusal.code,
              message: refusalText(answer.refusal, usualStyle('mm')),
            },
          },
    );
  }
  return ok(answers);
}

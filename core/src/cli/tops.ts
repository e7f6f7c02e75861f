import { ok, type Result } from '../result';
import { plainTops, type PlainTops } from '../surfaces/plain/plain-tops';
import { readTopsCase } from '../surfaces/plain/tops-case';
import { usualStyle } from '../units/units';
import { refusalText } from '../wording/refusal-text';
import { plainCases } from './plain-cases';

/** A case of a list that can't be made, and why. */
export interface RefusedCase {
  id: string;
  refused: { code: string; message: string };
}

/** The pieces of tops that are given by themselves: one case or a list of them, answered in the same order. A case that is misspelt refuses all; in a list, one that can't be made says so in its place. */
export const plainTopsCommand = (
  text: string,
): Result<PlainTops | RefusedCase | (PlainTops | RefusedCase)[]> =>
  plainCases<PlainTops | RefusedCase>(text, (raw, path, listed) => {
    const one = readTopsCase(raw, path);
    if (!one.ok) return one;
    const answer = plainTops(one.value);
    if (answer.ok || !listed) return answer;
    const { code } = answer.refusal;
    const message = refusalText(answer.refusal, usualStyle('mm'));
    return ok({ id: one.value.id, refused: { code, message } });
  });

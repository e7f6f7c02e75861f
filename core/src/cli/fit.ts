import { fit, type Fitted } from '../proposals/fit/fit';
import { readFitCase } from '../proposals/fit/fit-case';
import { ok, type Result } from '../result';
import { plainCases } from './plain-cases';

/** Fills the runs of a bare JSON text: one case or a list of them, answered in the same order. */
export const fitCommand = (text: string): Result<Fitted | Fitted[]> =>
  plainCases(text, (raw, path) => {
    const one = readFitCase(raw, path);
    return one.ok ? ok(fit(one.value)) : one;
  });

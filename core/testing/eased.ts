import { execute } from '../src/commands/command';
import { ease } from '../src/commands/ease';
import type { Design } from '../src/document/design';
import type { Ease } from '../src/proposals/ease/search';
import { checkBy } from '../src/reach/check-reach';
import type { Finding } from '../src/reach/finding';
import { packsOf } from '../src/reach/packs';
import { must } from '../src/result';

/** Whether a finding asks for something to be done. */
export const asks = ({ verdict }: Finding) => verdict === 'tight' || verdict === 'blocked';

/** What every rule finds in a design, by key, with all doors and drawers open too. */
export const allFound = (design: Design): ReadonlyMap<string, Finding> =>
  new Map(checkBy(design, packsOf(design), true).findings.map((finding) => [finding.key, finding]));

/** A design after the steps of an ease. */
export const eased = (design: Design, steps: Ease['steps']) => must(execute(ease, design, { steps })).design;

/** The keys of what one design's rules find that is graver than in another, or short of a limit by more. */
export function worse(before: Design, now: Design): string[] {
  const was = allFound(before);
  const weight = { blocked: 2, tight: 1, unjudged: 0, clear: 0 };
  return [...allFound(now).values()].flatMap((finding) => {
    const own = was.get(finding.key);
    if (!asks(finding)) return [];
    if (!own || weight[finding.verdict] > weight[own.verdict]) return [finding.key];
    if (weight[finding.verdict] < weight[own.verdict]) return [];
    const isShorter = finding.checks.some((check) => {
      const other = own.checks.find(({ id }) => id === check.id);
      if (check.held !== false) return false;
      const short = Math.abs(check.measured! - check.required!);
      const wasShort = other?.held === false ? Math.abs(other.measured! - other.required!) : 0;
      return short > wasShort + 0.021;
    });
    return isShorter ? [finding.key] : [];
  });
}

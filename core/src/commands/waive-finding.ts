import { patchOf } from '../document/patch';
import type { WaiverRecord } from '../document/records';
import { recordsOf } from '../document/design';
import { checkBy } from '../reach/check-reach';
import { packsOf } from '../reach/packs';
import { shortBy } from '../reach/waived';
import { ok, refuse } from '../result';
import { guarded, type Command } from './command';

/** Accepts what rules find of one thing, as it is now, for a reason; of a finding that is accepted already, the reason is another. */
export const waiveFinding: Command<{
  id: string;
  /** The keys of the findings: of several rules where they ask alike. */
  findings: readonly string[];
  reason: string;
  by: string;
  on: string;
}> = {
  id: 'waive-finding',
  run(design, { id, findings, reason, by, on }) {
    if (!reason.trim()) return refuse('reason-blank', {});
    const known = new Map(checkBy(design, packsOf(design), true).findings.map((one) => [one.key, one]));
    const before = new Map(recordsOf(design, 'waiver').map((waiver) => [waiver.finding, waiver.id]));
    const waivers: WaiverRecord[] = [];
    for (const [index, key] of findings.entries()) {
      const finding = known.get(key);
      if (!finding || finding.verdict === 'clear')
        return refuse('record-missing', { id: key, what: 'finding' });
      waivers.push({
        kind: 'waiver',
        id: before.get(key) ?? (index === 0 ? id : `${id}-${index}`),
        finding: key,
        verdict: finding.verdict,
        checks: finding.checks
          .filter(({ held }) => held === false)
          .map((check) => ({ check: check.id, short: shortBy(check) })),
        reason: reason.trim(),
        by: by.trim(),
        on,
      });
    }
    return waivers.length > 0 ? guarded(design, patchOf(design, waivers)) : ok([]);
  },
};

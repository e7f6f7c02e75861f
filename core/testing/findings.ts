import type { RoomBuilder } from '../src/demo/build-room';
import { checkReach } from '../src/reach/check-reach';
import type { RuleId } from '../src/wording/rule-names';
import { sayFinding } from '../src/wording/rule-texts';

/** What one rule finds: which things, how far, where, to a millimetre, and the sentence. */
export function findingsOf({ design }: RoomBuilder, rule: RuleId) {
  return checkReach(design)
    .findings.filter((finding) => finding.rule === rule)
    .map((finding) => ({
      ids: finding.ids,
      verdict: finding.verdict,
      measured: Math.round(finding.measured * 1e3) / 1e3,
      required: finding.required,
      place: finding.place.map(({ x, y }) => [Math.round(x) + 0, Math.round(y) + 0]),
      text: sayFinding(design, finding),
    }));
}

/** Those of them that are not kept. */
export const brokenOf = (builder: RoomBuilder, rule: RuleId) =>
  findingsOf(builder, rule).filter(({ verdict }) => verdict !== 'clear');

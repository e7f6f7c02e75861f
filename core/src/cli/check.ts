import { roomOf, type Design } from '../document/design';
import { checkReach } from '../reach/check-reach';
import { countVerdicts } from '../reach/rule';
import { packs, saidFinding } from '../wording/rule-texts';

/** Findings with their sentences, and how many of each verdict; lengths mm. */
export function checkCommand(design: Design) {
  const report = checkReach(design);
  const { pack } = roomOf(design);
  return {
    pack: { id: pack, ...packs[pack] },
    counts: countVerdicts(report),
    findings: report.findings.map((finding) => saidFinding(design, finding)),
    failed: report.failed,
  };
}

import type { Design } from '../document/design';
import type { RulePackId } from '../document/limits';
import { checkBy } from '../reach/check-reach';
import { countVerdicts, type Finding } from '../reach/finding';
import { packsOf } from '../reach/packs';
import { checkNames, lackNames } from '../wording/check-names';
import { packs, ruleName, ruleSource, saidFinding } from '../wording/rule-texts';

/** The reach report as data: findings of the packs asked for, or of the room's own, with their sentences, every check that was made and their waivers, and how many of each verdict; lengths mm, areas mm², what is counted and airflow as they are. */
export function reachReport(design: Design, asked: readonly RulePackId[] = packsOf(design)) {
  const report = checkBy(design, asked);
  return {
    packs: asked.map((id) => ({ id, ...packs[id] })),
    counts: countVerdicts(report),
    findings: report.findings.map((finding) => told(design, finding)),
    failed: report.failed,
  };
}

function told(design: Design, finding: Finding) {
  const { key, rule, verdict, ids, place, names, text, checks, lacking, waiver } = saidFinding(
    design,
    finding,
  );
  return {
    key,
    rule,
    name: ruleName(rule),
    source: ruleSource(rule),
    verdict,
    ids,
    names,
    text,
    place,
    checks: checks.map(({ id, level, measured, required, limit, held }) => ({
      name: checkNames[id],
      level,
      measured,
      required,
      limit,
      held,
    })),
    lacking: lacking.map((one) => lackNames[one]),
    ...(waiver && { waiver }),
  };
}

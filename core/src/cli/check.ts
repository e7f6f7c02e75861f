import type { Design } from '../document/design';
import { rulePackIds, type RulePackId } from '../document/limits';
import { checkBy } from '../reach/check-reach';
import { countVerdicts, type Finding } from '../reach/finding';
import { ok, refuse, type Result } from '../result';
import { packsOf } from '../reach/packs';
import { checkNames, lackNames } from '../wording/check-names';
import { packs, ruleName, ruleSource, saidFinding } from '../wording/rule-texts';

/** Reads a list of packs as it is typed: `kitchen,bath`, or all of them. */
export function readPacks(typed: string): Result<RulePackId[]> {
  const asked = typed.split(',').map((one) => one.trim());
  if (asked.includes('all')) return ok([...rulePackIds]);
  const known = rulePackIds.filter((id) => asked.includes(id));
  if (known.length < new Set(asked).size) return refuse('pack-unknown', { typed, known: [...rulePackIds] });
  return ok(known);
}

/** Findings of the packs asked for, or of the room's own, with their sentences and every check that was made, and how many of each verdict; lengths mm, areas mm², what is counted and airflow as they are. */
export function checkCommand(design: Design, asked: readonly RulePackId[] = packsOf(design)) {
  const report = checkBy(design, asked);
  return {
    packs: asked.map((id) => ({ id, ...packs[id] })),
    counts: countVerdicts(report),
    findings: report.findings.map((finding) => told(design, finding)),
    failed: report.failed,
  };
}

function told(design: Design, finding: Finding) {
  const { key, rule, verdict, ids, place, names, text, checks, lacking } = saidFinding(design, finding);
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
  };
}

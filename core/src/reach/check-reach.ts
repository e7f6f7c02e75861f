import { perDesign, type Design } from '../document/design';
import { tops } from '../surfaces/tops';
import { factsOf } from './facts';
import type { Finding, ReachFacts, ReachReport, Rule, Verdict } from './rule';
import { rules } from './rules';

const order: Record<Verdict, number> = { blocked: 0, tight: 1, clear: 2 };

/** Every finding of every rule, the gravest first; computed once per design. */
export const checkReach: (design: Design) => ReachReport = perDesign((design) =>
  runRules(
    design,
    rules.filter(({ onRequest }) => !onRequest),
  ),
);

/** As checkReach, with the checks that are only made when asked for: all doors and drawers open. */
export const checkReachOpen: (design: Design) => ReachReport = perDesign((design) => runRules(design, rules));

/** Runs some rules on a design. A rule that crashes is reported by its id. */
export function runRules(design: Design, chosen: readonly Rule[]): ReachReport {
  const facts: ReachFacts = { ...factsOf(design), tops: tops(design) };
  const { room } = facts;
  const findings: Finding[] = [];
  const failed: ReachReport['failed'][number][] = [];
  for (const rule of chosen) {
    try {
      findings.push(
        ...rule.check(facts, rule.parameters[room.pack]).map((finding) => ({ rule: rule.id, ...finding })),
      );
    } catch (error) {
      failed.push({ rule: rule.id, reason: error instanceof Error ? error.message : String(error) });
    }
  }
  findings.sort((a, b) => order[a.verdict] - order[b.verdict]);
  return { findings, failed };
}

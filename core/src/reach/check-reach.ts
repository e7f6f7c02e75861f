import { perDesign, roomOf, styleOf, type Design } from '../document/design';
import { itemBoxes } from '../setting/item-box';
import { tops } from '../surfaces/tops';
import { fixedThings } from '../survey/fixed-things';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import { formatLengthWithUnit } from '../units/format-length';
import type { Finding, Rule, Verdict } from './rule';
import { rules } from './rules';

export interface ReachReport {
  findings: readonly Finding[];
  /** Ids of rules that failed themselves, with the reason; the others still ran. */
  failed: readonly { rule: string; reason: string }[];
}

const order: Record<Verdict, number> = { blocked: 0, tight: 1, clear: 2 };

/** Every finding of every rule, the gravest first; computed once per design. */
export const checkReach: (design: Design) => ReachReport = perDesign((design) => runRules(design, rules));

/** Runs some rules on a design. A rule that crashes is reported by its id. */
export function runRules(design: Design, chosen: readonly Rule[]): ReachReport {
  const room = roomOf(design);
  const facts = {
    design,
    room,
    shape: roomShape(design),
    boxes: itemBoxes(design),
    fixed: fixedThings(design),
    openings: placedOpenings(design),
    tops: tops(design),
  };
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

/** A finding as a sentence in the design's units. */
export function sayFinding(design: Design, finding: Finding): string {
  const rule = rules.find(({ id }) => id === finding.rule)!;
  const style = styleOf(design);
  return rule.say(finding, (mm) => formatLengthWithUnit(mm, style));
}

/** How many findings have each verdict. */
export function countVerdicts({ findings }: ReachReport): Record<Verdict, number> {
  const counts = { clear: 0, tight: 0, blocked: 0 };
  for (const { verdict } of findings) counts[verdict] += 1;
  return counts;
}

import { perDesign, roomOf, type Design } from '../document/design';
import type { RulePackId } from '../document/limits';
import { remember, rememberBoth } from '../document/remember';
import type { Noun } from '../nouns';
import { merged, verdicts, type Finding, type ReachReport } from './finding';
import { findingOf } from './judge';
import { readings, type Inputs, type Measure } from './measure';
import { measures } from './measures';
import { nounOf } from './naming';
import { ownLimits, type OwnLimits } from './own-limits';
import type { PackRule } from './pack';
import { packsOf, rulePacks } from './packs';
import type { Reading, Trait } from './reading';
import { withWaivers } from './waived';

/** Every finding of the room's packs, the gravest first; computed once per design. */
export const checkReach: (design: Design) => ReachReport = perDesign((design) =>
  asOne(checkBy(design, packsOf(design))),
);

/** As checkReach, with the checks that are only made when asked for: all doors and drawers open. */
export const checkReachOpen: (design: Design) => ReachReport = perDesign((design) =>
  asOne(checkBy(design, packsOf(design), true)),
);

/** A report in which what several packs ask alike is told once. */
const asOne = ({ findings, failed }: ReachReport): ReachReport => ({ findings: merged(findings), failed });

/** Every finding of some packs, with its waiver. */
export function checkBy(design: Design, packs: readonly RulePackId[], open = false): ReachReport {
  const rules = packs.flatMap((id) => rulePacks[id].rules).filter((rule) => open || !isAsked(rule));
  const { findings, failed } = runRules(design, rules);
  return { findings: withWaivers(design, findings), failed };
}

/** Whether a rule is checked only when it is asked for. */
export const isAsked = ({ measure }: PackRule): boolean => measureOf(measure).onRequest === true;

const measureOf = (id: PackRule['measure']): Measure => measures[id] as Measure;

/** Runs some rules on a design. A rule that crashes is reported by its id. Of rules that ask the same of the same things, each has its finding. */
export function runRules(design: Design, chosen: readonly PackRule[]): ReachReport {
  const findings: Finding[] = [];
  const failed: ReachReport['failed'][number][] = [];
  const { cooks = 1, behindSeats = null } = roomOf(design);
  const room = { cooks, behindSeats };
  const limits = ownLimits(design);
  const taken = new Map<string, Map<Inputs, readonly Reading[]>>();
  const take = (rule: PackRule) => {
    const known = taken.get(rule.measure) ?? new Map<Inputs, readonly Reading[]>();
    taken.set(rule.measure, known);
    let found = known.get(rule.inputs);
    if (!found) known.set(rule.inputs, (found = readings(measureOf(rule.measure), design, rule.inputs)));
    return found;
  };
  for (const rule of chosen) {
    try {
      for (const reading of take(rule)) {
        const names = reading.about.map((about) => nounOf(design, about));
        const finding = judged(reading, rule)(reading, { room, names, limits });
        if (finding) findings.push(finding);
      }
    } catch (error) {
      failed.push({ rule: rule.id, reason: error instanceof Error ? error.message : String(error) });
    }
  }
  findings.sort((a, b) => verdicts.indexOf(a.verdict) - verdicts.indexOf(b.verdict));
  return { findings, failed };
}

type RoomTraits = Readonly<Record<string, Trait>>;

/** The very same finding for the same reading, rule, room and names. */
const judged = rememberBoth((reading: Reading, rule: PackRule) =>
  remember(
    (_: Reading, { room, names, limits }: { room: RoomTraits; names: readonly Noun[]; limits: OwnLimits }) =>
      findingOf(rule, reading, room, names, limits),
  ),
);

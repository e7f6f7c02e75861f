import type { Point } from '../geometry/point';
import type { Noun } from '../nouns';
import type { CheckId, LackId } from '../wording/check-names';
import type { RuleId } from '../wording/rule-names';
import type { MeasureId } from './measures';
import type { CheckLevel } from './pack';
import type { Reading } from './reading';

/** clear: kept; tight: a guideline broken; blocked: a code broken, or things collide; unjudged: a fact is missing, and nothing known is broken. */
export const verdicts = ['blocked', 'tight', 'unjudged', 'clear'] as const;
export type Verdict = (typeof verdicts)[number];

/** One check that was made. */
export interface CheckMade {
  id: CheckId;
  level: CheckLevel;
  /** In the unit of its value; null where a fact is missing. */
  measured: number | null;
  /** Null where it is only told. */
  required: number | null;
  /** What its source asks for, where this design asks for another. */
  usual?: number | null;
  /** Whether the limit is the least or the most. */
  limit: 'least' | 'most' | null;
  /** Null where it cannot be judged, or is only told. */
  held: boolean | null;
}

/** One rule applied to one place. */
export interface Finding {
  /** Its rule and what it is about: the same as long as those things are there. */
  key: string;
  rule: RuleId;
  /** Rules of other packs that ask the same of the same things. */
  also?: readonly RuleId[];
  measure: MeasureId;
  verdict: Verdict;
  /** The records it is about; the first is the one to go to. */
  ids: readonly string[];
  /** The space it is about, as a polygon or a line in plan. */
  place: readonly Point[];
  /** What its sentence names, in the order that wants them. */
  names: readonly Noun[];
  checks: readonly CheckMade[];
  lacking: readonly LackId[];
  values: Reading['values'];
  /** Of the check that decides: the gravest that is not kept, else the first. */
  measured: number;
  required: number;
  waiver?: Waiver;
}

/** That a finding was accepted: why, by whom, on which day; reopened where it is worse since. */
export interface Waiver {
  id: string;
  reason: string;
  by: string;
  on: string;
  isReopened: boolean;
}

/** Whether a finding is accepted as it is. */
export const isWaived = ({ waiver }: Finding): boolean => waiver !== undefined && !waiver.isReopened;

/** Whether a finding asks for something: it is not kept, and nobody has accepted that. */
export const isAsking = (finding: Finding): boolean =>
  (finding.verdict === 'tight' || finding.verdict === 'blocked') && !isWaived(finding);

/** What rules find of a design. */
export interface ReachReport {
  findings: readonly Finding[];
  /** Ids of rules that failed themselves, with the reason; the others still ran. */
  failed: readonly { rule: string; reason: string }[];
}

/** Findings of which several rules ask the same of the same things as one: the gravest of them, with the others' ids. */
export function merged(findings: readonly Finding[]): readonly Finding[] {
  const bySubject = new Map<string, Finding[]>();
  for (const finding of findings) {
    const { measure, key, rule, checks } = finding;
    const subject = `${measure} ${key.slice(rule.length)} ${checks.map(({ id }) => id).join(' ')}`;
    const alike = bySubject.get(subject);
    if (alike) alike.push(finding);
    else bySubject.set(subject, [finding]);
  }
  return [...bySubject.values()].map(([first, ...others]) =>
    others.length > 0 ? { ...first!, also: others.map(({ rule }) => rule) } : first!,
  );
}

/** How many findings have each verdict; those that are accepted are not counted. */
export function countVerdicts({ findings }: Pick<ReachReport, 'findings'>): Record<Verdict, number> {
  const counts = { blocked: 0, tight: 0, unjudged: 0, clear: 0 };
  for (const finding of findings) if (!isWaived(finding)) counts[finding.verdict] += 1;
  return counts;
}

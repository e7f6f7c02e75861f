import { recordsOf, type Design } from '../document/design';
import type { WaiverRecord } from '../document/records';
import { rememberBoth } from '../document/remember';
import { HELD } from './held';
import { verdicts, type CheckMade, type Finding } from './finding';

/** By how much a check is not kept, in the unit of its value; 0 where it is, or cannot be judged. */
export const shortBy = ({ held, measured, required }: CheckMade): number =>
  held === false ? Math.abs(measured! - required!) : 0;

/** What is compared of a finding with itself before or after. */
export interface FindingStanding {
  verdict: Finding['verdict'];
  /** By how much each check is not kept. */
  short: ReadonlyMap<string, number>;
}

export const standingOf = ({ verdict, checks }: Finding): FindingStanding => ({
  verdict,
  short: new Map(checks.map((check) => [check.id, shortBy(check)])),
});

/** Whether a finding is graver than it was, or any of its checks is kept less. */
export function isWorse(is: FindingStanding, was: FindingStanding): boolean {
  const byVerdict = verdicts.indexOf(is.verdict) - verdicts.indexOf(was.verdict);
  if (byVerdict !== 0) return byVerdict < 0;
  return [...is.short].some(([check, short]) => short > (was.short.get(check) ?? 0) + HELD);
}

const acceptedAs = ({ verdict, checks }: WaiverRecord): FindingStanding => ({
  verdict,
  short: new Map(checks.map(({ check, short }) => [check, short])),
});

/** Findings with the waivers they have in a design. */
export function withWaivers(design: Design, findings: readonly Finding[]): readonly Finding[] {
  const waivers = new Map(recordsOf(design, 'waiver').map((waiver) => [waiver.finding, waiver]));
  if (waivers.size === 0) return findings;
  return findings.map((finding) => {
    const waiver = waivers.get(finding.key);
    return waiver && finding.verdict !== 'clear' ? waived(finding, waiver) : finding;
  });
}

const waived = rememberBoth((finding: Finding, waiver: WaiverRecord): Finding => {
  const { id, reason, by, on } = waiver;
  return {
    ...finding,
    waiver: { id, reason, by, on, isReopened: isWorse(standingOf(finding), acceptedAs(waiver)) },
  };
});

/** The ids of the waivers of a finding: of each rule that asks alike. */
export function waiversOf(design: Design, { key, rule, also = [] }: Finding): string[] {
  const keys = [rule, ...also].map((one) => one + key.slice(rule.length));
  return recordsOf(design, 'waiver').flatMap(({ id, finding }) => (keys.includes(finding) ? [id] : []));
}

/** Waivers of a design whose findings are there no more. */
export function idleWaivers(design: Design, findings: readonly Finding[]): readonly WaiverRecord[] {
  const keys = new Set(
    findings.flatMap(({ key, rule, also = [], verdict }) =>
      verdict === 'clear' ? [] : [rule, ...also].map((one) => one + key.slice(rule.length)),
    ),
  );
  return recordsOf(design, 'waiver').filter(({ finding }) => !keys.has(finding));
}

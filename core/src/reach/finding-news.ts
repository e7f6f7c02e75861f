import { isAsking, type Finding } from './finding';
import { isWorse, standingOf, type FindingStanding } from './waived';

/** How the findings of a design stood, by key: what later ones are held against. */
export type FindingsKnown = ReadonlyMap<string, FindingStanding>;

export const findingsKnown = (findings: readonly Finding[]): FindingsKnown =>
  new Map(findings.map((finding) => [finding.key, standingOf(finding)]));

/** Findings that are new or worse: not kept now, and kept before, not there, or kept more. What cannot be judged is no news. */
export const newOrWorse = (findings: readonly Finding[], before: FindingsKnown): readonly Finding[] =>
  findings.filter((finding) => {
    if (!isAsking(finding)) return false;
    const was = before.get(finding.key);
    return !was || isWorse(standingOf(finding), was);
  });

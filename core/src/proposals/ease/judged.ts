import type { Design } from '../../document/design';
import { checkBy, runRules } from '../../reach/check-reach';
import { isAsking, type Finding } from '../../reach/finding';
import { findingsKnown, newOrWorse, type FindingsKnown } from '../../reach/finding-news';
import type { PackRule } from '../../reach/pack';
import { packsOf, rulePacks } from '../../reach/packs';

/** A design as its rules find it, with all doors and drawers opened too: what an ease must not make worse. */
export interface Judged {
  design: Design;
  /** Every finding of every rule by itself, that asks for something. */
  open: readonly Finding[];
  known: FindingsKnown;
}

/** What things run into is asked first: most moves that break something end there. */
const isCollision = ({ id }: PackRule): boolean =>
  id === 'item-collision' || id === 'wall-collision' || id === 'opening-blocked';

export function judged(design: Design): Judged {
  const { findings } = checkBy(design, packsOf(design), true);
  return { design, open: findings.filter(isAsking), known: findingsKnown(findings) };
}

/** The rules of a design's packs by which these findings were found, each once. */
export function rulesOf(design: Design, findings: readonly Finding[]): readonly PackRule[] {
  const ids = new Set(findings.map(({ rule }) => rule));
  return packsOf(design).flatMap((pack) => rulePacks[pack].rules.filter(({ id }) => ids.has(id)));
}

/** The keys of all that some rules find in a design that asks for something. */
export const askingBy = (design: Design, rules: readonly PackRule[]): ReadonlySet<string> =>
  new Set(
    runRules(design, rules)
      .findings.filter(isAsking)
      .map(({ key }) => key),
  );

/** What of the open findings a changed design has not any more; null where it has any that is new or worse. */
export function curedBy(before: Judged, after: Design): readonly Finding[] | null {
  const packs = packsOf(after);
  const collisions = rulePacks.standard.rules.filter(isCollision);
  if (newOrWorse(runRules(after, collisions).findings, before.known).length > 0) return null;
  const { findings, failed } = checkBy(after, packs, true);
  if (failed.length > 0 || newOrWorse(findings, before.known).length > 0) return null;
  const still = new Set(findings.filter(isAsking).map(({ key }) => key));
  return before.open.filter(({ key }) => !still.has(key));
}

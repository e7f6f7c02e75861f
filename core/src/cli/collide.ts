import type { Design } from '../document/design';
import { isAsked, runRules } from '../reach/check-reach';
import { saidFinding } from '../wording/rule-texts';
import type { Finding } from '../reach/finding';
import { packsOf, rulePacks } from '../reach/packs';

/** What goes into what: items, walls, ceilings, fixed things, openings and swings, with how deep (mm) and where; with all doors and drawers open where that is asked. */
export function collideCommand(design: Design, open = false) {
  const { findings, failed } = runRules(
    design,
    packsOf(design)
      .flatMap((id) => rulePacks[id].rules)
      .filter((rule) => rule.checks.some(({ level }) => level === 'collision') && (open || !isAsked(rule))),
  );
  return {
    collisions: findings
      .filter(({ verdict }) => verdict === 'blocked')
      .filter((finding) => open || !isOfFronts(finding))
      .map((finding) => saidFinding(design, finding)),
    failed,
  };
}

/** Whether it is about the doors and drawers of items, which are shut unless they are asked for open. */
const isOfFronts = ({ measure, names }: Finding): boolean =>
  measure === 'swings' &&
  names.some((one) => typeof one !== 'string' && (one.noun === 'door-of' || one.noun === 'drawer-of'));

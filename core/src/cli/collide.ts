import type { Design } from '../document/design';
import { runRules } from '../reach/check-reach';
import { saidFinding } from '../wording/rule-texts';
import { rules } from '../reach/rules';

/** What goes into what: items, walls, ceilings, fixed things, openings and swings, with how deep (mm) and where; with all doors and drawers open where that is asked. */
export function collideCommand(design: Design, open = false) {
  const { findings, failed } = runRules(
    design,
    rules.filter(({ level, onRequest }) => level === 'collision' && (open || !onRequest)),
  );
  return {
    collisions: findings
      .filter(({ verdict }) => verdict !== 'clear')
      .map((finding) => saidFinding(design, finding)),
    failed,
  };
}

import type { Design } from '../document/design';
import { runRules, sayFinding } from '../reach/check-reach';
import { rules } from '../reach/rules';

/** What goes into what: items, walls, ceilings, fixed things, openings and swings, with how deep (mm) and where. */
export function collideCommand(design: Design) {
  const { findings, failed } = runRules(
    design,
    rules.filter(({ level }) => level === 'collision'),
  );
  return {
    collisions: findings
      .filter(({ verdict }) => verdict !== 'clear')
      .map((finding) => ({ ...finding, text: sayFinding(design, finding) })),
    failed,
  };
}

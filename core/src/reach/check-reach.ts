import { perDesign, roomOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { boxOf, itemBoxes } from '../setting/item-box';
import { tops } from '../surfaces/tops';
import { fixedThings } from '../survey/fixed-things';
import { placedOpenings } from '../survey/openings';
import { roomShape } from '../survey/room-shape';
import type { Finding, ReachFacts, Rule, Verdict } from './rule';
import { itemCollision } from './rules/item-collision';
import { openingBlocked } from './rules/opening-blocked';
import { wallCollision } from './rules/wall-collision';
import { rules } from './rules';

export interface ReachReport {
  findings: readonly Finding[];
  /** Ids of rules that failed themselves, with the reason; the others still ran. */
  failed: readonly { rule: string; reason: string }[];
}

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

/** What some items would collide with if they stood in a design in place of their records there: other items, fixed things, walls, openings. Asked for every move of a drag, so nothing else is looked at. */
export function collisionsOf(design: Design, moved: readonly ItemRecord[]): readonly Finding[] {
  const shape = roomShape(design);
  const boxes = moved.map((record) => boxOf(record, shape));
  const facts = { ...factsOf(design), boxes, tops: [] };
  const ids = new Set(moved.map(({ id }) => id));
  return [itemCollision, openingBlocked, wallCollision]
    .flatMap((rule) =>
      rule.check(facts, rule.parameters[facts.room.pack]).map((finding) => ({ rule: rule.id, ...finding })),
    )
    .filter((finding) => finding.verdict === 'blocked' && !onlyBefore(finding, ids));
}

/** Items moved together are held against where the others were as well: that says nothing. */
function onlyBefore({ rule, ids }: Finding, moved: ReadonlySet<string>): boolean {
  return rule === 'item-collision' && ids.every((id) => moved.has(id));
}

function factsOf(design: Design): Omit<ReachFacts, 'tops'> {
  return {
    design,
    room: roomOf(design),
    shape: roomShape(design),
    boxes: itemBoxes(design),
    fixed: fixedThings(design),
    openings: placedOpenings(design),
  };
}

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

/** How many findings have each verdict. */
export function countVerdicts({ findings }: ReachReport): Record<Verdict, number> {
  const counts = { clear: 0, tight: 0, blocked: 0 };
  for (const { verdict } of findings) counts[verdict] += 1;
  return counts;
}

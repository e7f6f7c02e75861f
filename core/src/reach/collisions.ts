import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { boxOf } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import { factsOf } from './facts';
import type { Finding } from './rule';
import { itemCollision } from './rules/item-collision';
import { openingBlocked } from './rules/opening-blocked';
import { wallCollision } from './rules/wall-collision';

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

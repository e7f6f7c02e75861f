import type { Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { boxOf } from '../setting/item-box';
import { roomShape } from '../survey/room-shape';
import type { Finding } from './finding';
import { findingOf } from './judge';
import { Look } from './look';
import { itemCollision } from './measures/item-collision';
import { openingBlocked } from './measures/opening-blocked';
import { wallCollision } from './measures/wall-collision';
import { nounOf } from './naming';
import { standard } from './packs/standard';

/** What some items would collide with if they stood in a design in place of their records there: other items, fixed things, walls, openings. Asked for every move of a drag, so nothing else is looked at. */
export function collisionsOf(design: Design, moved: readonly ItemRecord[]): readonly Finding[] {
  const shape = roomShape(design);
  const ids = new Set(moved.map(({ id }) => id));
  const look = new Look(design);
  const found = new Map<string, Finding>();
  const room = { cooks: 1 };
  for (const measure of [itemCollision, openingBlocked, wallCollision]) {
    const rule = standard.rules.find((one) => one.measure === measure.id)!;
    for (const record of moved)
      for (const reading of measure.take(boxOf(record, shape), look, rule.inputs)) {
        // Items moved together are held against where the others were as well: that says nothing.
        if (measure === itemCollision && reading.ids.every((id) => ids.has(id))) continue;
        const finding = findingOf(
          rule,
          reading,
          room,
          reading.about.map((about) => nounOf(design, about, { moved })),
        );
        if (finding?.verdict === 'blocked') found.set(finding.key, finding);
      }
  }
  return [...found.values()];
}

import { jointCornerKeys, MOST_JOINTS, type CornerJoint } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord, TopJoints } from '../document/records';
import { within } from '../document/within';
import { refuse } from '../result';
import type { ItemCorner } from '../surfaces/top-edge';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** How a top is joined at an inside corner, told by the first of the items there and none of the others (null: as it would be by itself), or straight across an item, so far from its left end, mm. */
export type JointChange =
  | { at: readonly [ItemCorner, ...ItemCorner[]]; way: CornerJoint | null }
  | { id: string; across: readonly number[] };

/** Sets where tops are joined. */
export const setTopJoints: Command<JointChange> = {
  id: 'set-top-joints',
  run(design, change) {
    const ids = 'id' in change ? [change.id] : [...new Set(change.at.map(({ item }) => item))];
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    if ('id' in change && change.across.length > MOST_JOINTS)
      return refuse('number-range', {
        what: 'joints',
        value: change.across.length,
        least: 0,
        most: MOST_JOINTS,
      });
    const changed: ItemRecord[] = [];
    for (const { record } of found.value) {
      if ('id' in change)
        for (const at of change.across) {
          const sound = within('joint', at, 0, record.width);
          if (!sound.ok) return sound;
        }
      changed.push(joined(record, change));
    }
    return guarded(design, patchOf(design, changed));
  },
};

function joined({ topJoints: before, ...item }: ItemRecord, change: JointChange): ItemRecord {
  const topJoints: TopJoints = { ...before };
  if ('id' in change) {
    topJoints.across = [...new Set(change.across.map(quantise))].sort((a, b) => a - b).map((at) => ({ at }));
    if (topJoints.across.length === 0) delete topJoints.across;
  } else
    for (const [index, { item: id, corner }] of change.at.entries()) {
      const key = jointCornerKeys.find((one) => one === corner);
      if (id !== item.id || !key) continue;
      delete topJoints[key];
      if (index === 0 && change.way) topJoints[key] = change.way;
    }
  return Object.keys(topJoints).length > 0 ? { ...item, topJoints } : item;
}

import { roomOf } from '../document/design';
import { patchOf } from '../document/patch';
import { distance, place } from '../geometry/point';
import { AGAINST } from '../geometry/tolerance';
import { kindOf } from '../ranges/kinds';
import { findItem, rangesOf } from '../ranges/shelf';
import { mayBeWide, recoded } from '../ranges/specials';
import { refuse } from '../result';
import type { ItemBox } from '../setting/item-box';
import { joinedTop, withOwnTop } from '../setting/own-top';
import { placedAlong } from '../setting/placed-along';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** Makes one item of two of one family that stand side by side; it stays the left one. */
export const joinItems: Command<{ ids: readonly string[] }> = {
  id: 'join-items',
  run(design, { ids }) {
    const found = findFreeItems(design, ids, 2);
    if (!found.ok) return found;
    const [one, other] = found.value as [ItemBox, ItemBox];
    if (ids.length !== 2) return refuse('items-too-few', { least: 2 });
    const [left, right] = isRightOf(one, other) ? [one, other] : [other, one];
    const data = { first: left.record.code, second: right.record.code };
    const known = rangesOf(design);
    const family = ({ record }: ItemBox) => {
      const item = findItem(record.range, record.code, known);
      return item.ok ? item.value.family : undefined;
    };
    const { trim, plan } = kindOf(left.record.type);
    if (family(left) !== family(right) || left.kind !== right.kind || !trim || plan)
      return refuse('not-joined', { ...data, why: 'kind' });
    const sameSize =
      left.record.height === right.record.height &&
      left.record.depth === right.record.depth &&
      left.low === right.low;
    if (!isRightOf(left, right) || !sameSize) return refuse('not-joined', { ...data, why: 'apart' });
    const width = quantise(left.record.width + right.record.width);
    if (width > trim.most || !mayBeWide(left.record, width, roomOf(design), known))
      return refuse('not-joined', { ...data, why: 'size' });
    const whole = recoded(
      withOwnTop(placedAlong(left, 0, width), joinedTop(left.record, right.record)),
      known,
    );
    return guarded(design, patchOf(design, [whole], [right.id]));
  },
};

/** Whether the second stands against the right side of the first, in line with it. */
function isRightOf(left: ItemBox, right: ItemBox): boolean {
  return distance(place(left.origin, left.u, left.record.width, left.n, 0), right.origin) <= AGAINST;
}

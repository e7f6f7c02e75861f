import { roomOf, type Design } from '../document/design';
import type { Refusal } from '../result';
import { longestFree } from './alcove';
import type { Block } from './block';
import { settingOf } from './landing';

/** Why some items that keep their places to one another have no free place: the widest that has none by itself, else the one that reaches farthest past what is free. */
export function noPlaceFor(design: Design, block: Block): Refusal {
  const widest = block.parts.map(({ record }) => record).sort((a, b) => b.width - a.width);
  const alone = widest
    .map((record) => noPlaceForOne(design, record))
    .find(({ data }) => block.parts.length === 1 || data.needed > data.free);
  if (alone) return alone;
  const { width, depth, low, high } = block;
  const free = longestFree(design, { width, depth, low, high });
  const last = block.parts.reduce((a, b) => (b.along + b.record.width >= a.along + a.record.width ? b : a));
  return {
    code: 'no-place',
    data: { item: last.record.code, needed: width, free, together: true },
  };
}

/** Why an item has no free place along any face: what it needs, and the longest that is free. */
export function noPlaceForOne(
  design: Design,
  item: Parameters<typeof settingOf>[0] & { code: string },
): Refusal<'no-place'> {
  const free = longestFree(design, settingOf(item));
  return { code: 'no-place', data: { item: item.code, needed: item.width, free, together: false } };
}

/** What of some items would go through the ceiling where it is level, the highest; null where nothing does. */
export function tooHighFor(design: Design, { parts }: Block): Refusal | null {
  const { ceilingHeight } = roomOf(design);
  const top = ({ record }: Block['parts'][number]) => record.up + record.height;
  const highest = parts.reduce((a, b) => (top(b) > top(a) ? b : a));
  return top(highest) > ceilingHeight
    ? { code: 'too-high', data: { item: highest.record.code, top: top(highest), ceiling: ceilingHeight } }
    : null;
}

import { kindName } from '../wording/kind-names';
import { canonical } from '../document/canonical';
import { recordOf, recordsOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { rangesOf } from '../ranges/shelf';
import { priceOf } from '../ranges/specials';

/** Items alike in two designs: how many each has of them. */
export interface ComparedItems {
  code: string;
  name: string;
  /** mm */
  width: number;
  depth: number;
  height: number;
  first: number;
  second: number;
  /** How many of them both have, but in another place or turned otherwise. */
  moved: number;
}

/** The items of two designs side by side, alike ones in one line: those that differ in number first, then those in other places, then by code; with what each costs in its ranges. */
export function compareItems(first: Design, second: Design) {
  const lines = new Map<string, ComparedItems>();
  const count = (design: Design, side: 'first' | 'second') => {
    for (const record of recordsOf(design, 'item')) {
      const key = keyOf(record);
      const { code, width, depth, height } = record;
      const name = record.name ?? kindName(record.type);
      const line = lines.get(key) ?? { code, name, width, depth, height, first: 0, second: 0, moved: 0 };
      const other = side === 'second' ? recordOf(first, 'item', record.id) : undefined;
      const moved = other !== undefined && keyOf(other) === key && placeOf(other) !== placeOf(record);
      lines.set(key, { ...line, [side]: line[side] + 1, moved: line.moved + (moved ? 1 : 0) });
    }
  };
  count(first, 'first');
  count(second, 'second');
  const differs = ({ first: a, second: b, moved }: ComparedItems) => (a !== b ? 0 : moved > 0 ? 1 : 2);
  return {
    items: [...lines.values()].sort(
      (a, b) => differs(a) - differs(b) || (a.code < b.code ? -1 : a.code > b.code ? 1 : a.width - b.width),
    ),
    prices: { first: costOf(first), second: costOf(second) },
  };
}

function keyOf({ range, code, width, depth, height, finish, name }: ItemRecord): string {
  return JSON.stringify([range, code, width, depth, height, finish, name]);
}

function placeOf({ placement, turned, up, hand }: ItemRecord): string {
  return canonical([placement, turned ?? 0, up, hand]);
}

/** What the items of a design cost in their ranges, and how many have no price there. */
export function costOf(design: Design): { total: number; unpriced: number } {
  const known = rangesOf(design);
  let [total, unpriced] = [0, 0];
  for (const record of recordsOf(design, 'item')) {
    const price = priceOf(record, known);
    if (price === null) unpriced += 1;
    else total += price;
  }
  return { total, unpriced };
}

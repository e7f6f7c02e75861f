import { roomOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import { kindOf } from '../ranges/kinds';
import { rangeName, rangesOf } from '../ranges/shelf';
import { listedWidths, recoded } from '../ranges/specials';
import type { Range } from '../ranges/range';
import { ok, refuse, type Result } from '../result';
import { facePlacement } from '../setting/face-placement';
import { gapChains } from '../setting/gap-chains';
import type { ItemBox } from '../setting/item-box';
import type { OpenLength } from '../setting/open-lengths';
import { quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';
import { findGap, type GapPlace } from './fill-gap';

/**
 * Gives an open length to items of the run beside it, shared among them: what stands between them and it moves along. Where the room
 * takes no special widths each becomes one that its range lists, so that as little as possible stays open, as evenly as possible.
 */
export const trimToGap: Command<GapPlace & { ids: readonly string[] }> = {
  id: 'trim-to-gap',
  run(design, { ids, ...place }) {
    if (ids.length === 0) return refuse('items-too-few', { least: 1 });
    const gap = findGap(design, place);
    if (!gap.ok) return gap;
    const chains = gapChains(design, gap.value);
    const chosen: ItemRecord[] = [];
    for (const id of ids) {
      const found = findFreeItem(design, id);
      if (!found.ok) return found;
      if (![...chains.left, ...chains.right].some((box) => box.id === id))
        return refuse('gap-not-beside', { item: found.value.code });
      chosen.push(found.value);
    }
    const widths = widened(design, chosen, gap.value.length);
    if (!widths.ok) return widths;
    const moved = [
      ...relaid(gap.value, chains.left, widths.value, -1),
      ...relaid(gap.value, chains.right, widths.value, 1),
    ];
    for (const { id } of moved) {
      const free = findFreeItem(design, id);
      if (!free.ok) return free;
    }
    return guardedItems(
      design,
      moved.map((record) => recoded(record, rangesOf(design))),
    );
  },
};

/** The new widths of items that take up to so much more together, by their ids. */
function widened(design: Design, items: readonly ItemRecord[], more: number): Result<Map<string, number>> {
  const known = rangesOf(design);
  const share = more / items.length;
  const special =
    roomOf(design).specials === true || items.every((item) => listedWidths(item, known).length === 0);
  for (const { type, code, width } of items) {
    const { trim } = kindOf(type);
    const wide = quantise(width + share);
    if (!trim || (special && (wide < trim.least || wide > trim.most)))
      return refuse('width-limits', {
        item: code,
        width: wide,
        least: trim?.least ?? 0,
        most: trim?.most ?? 0,
      });
  }
  if (special) return ok(new Map(items.map(({ id, width }) => [id, quantise(width + share)])));
  const best = sharedWidths(items, more, known);
  if (best) return ok(best);
  const [first] = items;
  return refuse('width-not-made', {
    item: first!.code,
    range: rangeName(first!.range, known),
    width: quantise(first!.width + share),
    made: listedWidths(first!, known).filter((width) => width > first!.width),
  });
}

/** Listed widths that use up as much as can be of what is free, none of them narrower than now, as evenly as can be; null where none is wider. */
function sharedWidths(
  items: readonly ItemRecord[],
  more: number,
  known: readonly Range[],
): Map<string, number> | null {
  interface Way {
    most: number;
    widths: readonly number[];
  }
  /** For every sum of what is added, the way in which the most that one takes is least. */
  let ways = new Map<number, Way>([[0, { most: 0, widths: [] }]]);
  for (const item of items) {
    const next = new Map<number, Way>();
    const widths = [item.width, ...listedWidths(item, known).filter((width) => width > item.width + 1e-6)];
    for (const [sum, way] of ways)
      for (const width of widths) {
        const added = quantise(sum + width - item.width);
        if (added > more + 1e-6) continue;
        const most = Math.max(way.most, width - item.width);
        const other = next.get(added);
        if (!other || most < other.most - 1e-9) next.set(added, { most, widths: [...way.widths, width] });
      }
    ways = next;
  }
  const [sum, way] = [...ways].sort(([a], [b]) => b - a)[0]!;
  return sum > 0 ? new Map(items.map(({ id }, index) => [id, way.widths[index]!])) : null;
}

/** The items of a chain as far as they are widened or moved by it, laid from the far end towards the open length. */
function relaid(
  { face }: OpenLength,
  chain: readonly ItemBox[],
  widths: ReadonlyMap<string, number>,
  way: 1 | -1,
): ItemRecord[] {
  const last = chain.findLastIndex(({ id }) => widths.has(id));
  let by = 0;
  return chain
    .slice(0, last + 1)
    .reverse()
    .map(({ record, against }) => {
      const width = widths.get(record.id) ?? record.width;
      const more = width - record.width;
      const along = against!.along + (way === 1 ? -by - more : by);
      by += more;
      const off = record.placement.on === 'face' ? record.placement.off : 0;
      return { ...record, width, placement: facePlacement(face, along, width, off) };
    });
}

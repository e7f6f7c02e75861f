import type { ItemRecord } from '../document/records';
import type { KindGroup } from '../wording/kind-names';
import { kindOf } from './kinds';
import type { Range, ShelfItem } from './range';
import { findItem, findRange, itemsOf, ranges } from './shelf';

export type SpecialSize = 'width' | 'height' | 'depth';
type Sized = Pick<ItemRecord, 'code' | 'depth' | 'height' | 'range' | 'width'>;

const SAME_SIZE = 1e-6;

/** Which sizes of an item its range does not make its family in; none for plain shapes and for what no known range has. */
export function specialSizes(item: Sized, known: readonly Range[] = ranges): SpecialSize[] {
  const found = findItem(item.range, item.code, known);
  if (!found.ok || found.value.range === 'plain') return [];
  const { family, range, depths } = found.value;
  const mm = findRange(range, known)?.unit === 'in' ? 25.4 : 1;
  const made = (sizes: readonly number[], size: number) =>
    sizes.some((one) => Math.abs(one * mm - size) < SAME_SIZE);
  const special: SpecialSize[] = [];
  if (!made(family.widths, item.width)) special.push('width');
  if (!made(family.heights, item.height)) special.push('height');
  if (!depths.some((one) => Math.abs(one - item.depth) < SAME_SIZE)) special.push('depth');
  return special;
}

/** The kinds whose widths are those their range lists; panels, fillers and trim are cut to what is needed. */
const listed: ReadonlySet<KindGroup> = new Set(['base', 'wall', 'tall', 'vanity']);

/** The widths a cabinet is listed in at its height, mm, the narrowest first; none for what is made to any width, and for what no known range has. */
export function listedWidths(
  item: Sized & Pick<ItemRecord, 'type'>,
  known: readonly Range[] = ranges,
): number[] {
  if (!listed.has(kindOf(item.type).group)) return [];
  return familyItems(item, known)
    .filter(({ height }) => Math.abs(height - item.height) < SAME_SIZE)
    .map(({ width }) => width)
    .sort((a, b) => a - b);
}

/** Whether an item may have a width: any, where special widths are allowed or none are listed. */
export function mayBeWide(
  item: Sized & Pick<ItemRecord, 'type'>,
  width: number,
  { specials }: { specials?: boolean },
  known: readonly Range[] = ranges,
): boolean {
  const widths = specials ? [] : listedWidths(item, known);
  return widths.length === 0 || widths.some((one) => Math.abs(one - width) < SAME_SIZE);
}

/** The heights or depths a cabinet is listed in, mm; none for what is made to any, and for what no known range has. */
export function listedSizes(
  item: Sized & Pick<ItemRecord, 'type'>,
  size: 'depth' | 'height',
  known: readonly Range[] = ranges,
): number[] {
  if (!listed.has(kindOf(item.type).group)) return [];
  const sizes = familyItems(item, known).flatMap((one) => (size === 'height' ? one.height : [...one.depths]));
  return [...new Set(sizes)].sort((a, b) => a - b);
}

/** Everything that an item's family is made in. */
function familyItems(item: Sized, known: readonly Range[]): ShelfItem[] {
  const found = findItem(item.range, item.code, known);
  if (!found.ok || found.value.range === 'plain') return [];
  const range = findRange(found.value.range, known)!;
  return itemsOf(range).filter(({ family }) => family === found.value.family);
}

/** What an item can be swapped for in its place: one of each other family of its group that is made as wide and as high. */
export function swapsFor(item: Sized, known: readonly Range[] = ranges): ShelfItem[] {
  const found = findItem(item.range, item.code, known);
  if (!found.ok) return [];
  const { group, plan } = kindOf(found.value.type);
  return itemsOf(findRange(found.value.range, known)!).filter(
    (one) =>
      one.family !== found.value.family &&
      kindOf(one.type).group === group &&
      kindOf(one.type).plan === plan &&
      Math.abs(one.width - item.width) < SAME_SIZE &&
      Math.abs(one.height - item.height) < SAME_SIZE,
  );
}

/** An item of other sizes under the code its family has them by; one the family is not made in goes by the code of the nearest, and is special. */
export function recoded<T extends Sized>(item: T, known: readonly Range[] = ranges): T {
  const found = findItem(item.range, item.code, known);
  if (!found.ok) return item;
  const range = findRange(found.value.range, known)!;
  const family = itemsOf(range).filter((one) => one.family === found.value.family);
  /** The size made that an item has, or is nearest to; of two as near that of its code. */
  const made = (key: 'height' | 'width') =>
    family.reduce(
      (best, one) =>
        Math.abs(one[key] - item[key]) < Math.abs(best - item[key]) - SAME_SIZE ? one[key] : best,
      found.value[key],
    );
  const [width, height] = [made('width'), made('height')];
  const standard = family.find((one) => one.width === width && one.height === height);
  return standard ? { ...item, code: standard.code } : item;
}

/** What an item costs as its range makes it; null for a special one, which is asked for, and for what no known range has. What is cut from a listed width costs what that costs. */
export function priceOf(item: Sized, known: readonly Range[] = ranges): number | null {
  const found = findItem(item.range, item.code, known);
  if (!found.ok || found.value.range === 'plain') return null;
  const { type, width, price } = found.value;
  const isCut = kindOf(type).flat && item.width <= width;
  const special = specialSizes(item, known).filter((size) => size !== 'width' || !isCut);
  return special.length > 0 ? null : price;
}

import { ok, refuse, type Result } from '../result';
import { fathom } from './data/fathom';
import { saltbox } from './data/saltbox';
import type { Family, Range, ShelfItem } from './range';

/** Every range, sorted by id. */
export const ranges: readonly Range[] = [fathom, saltbox];

const shelves = new Map<string, readonly ShelfItem[]>(ranges.map((range) => [range.id, itemsOf(range)]));

/** What can be taken from a range, family after family; empty for an unknown range. */
export function shelfOf(rangeId: string): readonly ShelfItem[] {
  return shelves.get(rangeId) ?? [];
}

export function rangeName(rangeId: string): string {
  return ranges.find(({ id }) => id === rangeId)?.name ?? rangeId;
}

/** The item of a code, in capitals or not. */
export function findItem(rangeId: string, code: string): Result<ShelfItem> {
  const found = shelfOf(rangeId).find((item) => item.code === code.trim().toUpperCase());
  return found ? ok(found) : refuse('code-unknown', { range: rangeName(rangeId), code });
}

/** Whether a width is one the range makes in this type; others are special. */
export function isStandardWidth(rangeId: string, type: string, width: number): boolean {
  return shelfOf(rangeId).some((item) => item.type === type && Math.abs(item.width - width) < 1e-6);
}

/** The shelf items a typed code or words may mean: a code that begins so first, then every word found in name or code. */
export function searchShelf(rangeId: string, text: string): readonly ShelfItem[] {
  const wanted = text.trim().toUpperCase();
  const items = shelfOf(rangeId);
  if (wanted === '') return items;
  const byCode = items.filter(({ code }) => code.startsWith(wanted));
  const words = wanted.split(/\s+/);
  const byWords = items.filter(
    (item) =>
      !byCode.includes(item) &&
      words.every((word) => `${item.code} ${item.name}`.toUpperCase().includes(word)),
  );
  return [...byCode, ...byWords];
}

function itemsOf(range: Range): ShelfItem[] {
  const mm = range.unit === 'in' ? 25.4 : 1;
  return range.families.flatMap((family) =>
    family.heights.flatMap((height) =>
      family.widths.map((width) => ({
        range: range.id,
        code: codeOf(range, family, width, height),
        type: family.type,
        name: family.name,
        width: width * mm,
        depth: family.depth * mm,
        height: height * mm,
        up: family.hangs ? Math.max(family.hangs.bottom, family.hangs.top - height) * mm : 0,
        price: Math.round(family.price.each + family.price.width * width + family.price.height * height),
      })),
    ),
  );
}

function codeOf({ unit }: Range, { prefix, suffix, heights }: Family, width: number, height: number): string {
  const between = unit === 'mm' ? '/' : '';
  return `${prefix}${width}${heights.length > 1 ? `${between}${height}` : ''}${suffix}`;
}

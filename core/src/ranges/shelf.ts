import { kindName } from '../wording/kind-names';
import { synonyms } from '../wording/synonyms';
import { named } from '../nouns';
import { recordsOf, type Design } from '../document/design';
import type { ConstructionRecord } from '../document/records';
import { rememberBoth } from '../document/remember';
import { ok, refuse, type Result } from '../result';
import { fathom } from './data/fathom';
import { genericIn } from './data/generic-in';
import { genericMm } from './data/generic-mm';
import { plain } from './data/plain';
import { saltbox } from './data/saltbox';
import { kindOf } from './kinds';
import { quantise } from '../units/units';
import type { Family, Range, ShelfItem } from './range';

/** The ranges the program comes with, sorted by id. */
export const ranges: readonly Range[] = [fathom, genericIn, genericMm, plain, saltbox];

/** The ranges of a design: those of the program, and those of the studio it keeps a copy of. */
export function rangesOf(design: Design): readonly Range[] {
  return known(recordsOf(design, 'range'), recordsOf(design, 'construction'));
}

const known = rememberBoth(
  (own: readonly Range[], constructions: readonly ConstructionRecord[]): readonly Range[] => {
    const all = [...ranges, ...own];
    if (constructions.length === 0) return all;
    const built = new Map(constructions.map((one) => [one.range, one]));
    return all.map((range) => {
      const construction = built.get(range.id);
      return construction ? rangeBuilt(range, construction) : range;
    });
  },
);

/** A range as it is built here, the same object as long as both are the same. */
const rangeBuilt = rememberBoth((range: Range, { ways }: ConstructionRecord): Range => ({ ...range, ways }));

/** Whether a range is of cabinets that stand at a height of their own, so that mixing it with another shows. */
export function isCabinetRange(range: Range): boolean {
  return range.construction !== 'none';
}

export function findRange(id: string, known: readonly Range[] = ranges): Range | undefined {
  return known.find((range) => range.id === id);
}

export function rangeName(id: string, known: readonly Range[] = ranges): string {
  return findRange(id, known)?.name ?? id;
}

/** What can be taken from a range, family after family, and after it what is of no maker in its unit; empty for an unknown range. */
export function shelfOf(rangeId: string, known: readonly Range[] = ranges): readonly ShelfItem[] {
  const range = findRange(rangeId, known);
  return range ? shelfAround(range).items : [];
}

/** The item of a code of a range, or of what is of no maker in its unit; in capitals or not, by its own code or another it goes by. */
export function findItem(rangeId: string, code: string, known: readonly Range[] = ranges): Result<ShelfItem> {
  const range = findRange(rangeId, known);
  const found = range && shelfAround(range).byCode.get(code.trim().toUpperCase());
  return found ? ok(found) : refuse('code-unknown', { range: rangeName(rangeId, known), code: named(code) });
}

/** What parts the words of a search. */
const APART = /[\s,]+/;

/** The shelf items a typed code or words may mean: a code that begins so first, then those of whose code, name, kind and sizes every word begins one. */
export function searchShelf(
  rangeId: string,
  text: string,
  known: readonly Range[] = ranges,
): readonly ShelfItem[] {
  const items = shelfOf(rangeId, known);
  const wanted = text.trim().toUpperCase();
  if (wanted === '') return items;
  const starts = (item: ShelfItem) => [item.code, ...item.also].some((code) => code.startsWith(wanted));
  const byCode = new Set(items.filter(starts));
  const words = wanted.split(APART).map((word) => [word, ...(synonyms[word] ?? [])]);
  const byWords = items.filter(
    (item) =>
      !byCode.has(item) &&
      words.every((ways) => wordsOf(item).some((one) => ways.some((word) => one.startsWith(word)))),
  );
  return [...byCode, ...byWords];
}

interface Shelf {
  items: readonly ShelfItem[];
  byCode: ReadonlyMap<string, ShelfItem>;
}

const shelves = new WeakMap<Range, Shelf>();

/** A range's own items and what is of no maker beside them. A code is first looked for among the own. */
function shelfAround(range: Range): Shelf {
  let shelf = shelves.get(range);
  if (!shelf) {
    const beside = [range.unit === 'in' ? genericIn : genericMm, plain].filter(({ id }) => id !== range.id);
    const items = [range, ...beside].flatMap(itemsOf);
    const byCode = new Map<string, ShelfItem>();
    for (const codes of [(item: ShelfItem) => [item.code], (item: ShelfItem) => item.also])
      for (const item of items) for (const code of codes(item)) if (!byCode.has(code)) byCode.set(code, item);
    shelves.set(range, (shelf = { items, byCode }));
  }
  return shelf;
}

const searched = new WeakMap<ShelfItem, readonly string[]>();

/** What an item is found by: its codes, the sizes in them, and the words it is called by. */
function wordsOf(item: ShelfItem): readonly string[] {
  let words = searched.get(item);
  if (!words) {
    const codes = [item.code, ...item.also];
    const sizes = codes.flatMap((code) => code.match(/\d[\d./]*/g) ?? []);
    const called = [item.name, kindName(item.type), kindOf(item.type).group]
      .join(' ')
      .toUpperCase()
      .split(/[\s,]+/)
      .flatMap((word) => [word, word.replaceAll('-', ''), ...word.split('-')]);
    words = [...new Set([...codes, ...sizes, ...called])];
    searched.set(item, words);
  }
  return words;
}

/** Every item of a range's own, listed once for the range. */
export function itemsOf(range: Range): readonly ShelfItem[] {
  let items = listed.get(range);
  if (!items) listed.set(range, (items = listItems(range)));
  return items;
}
const listed = new WeakMap<Range, readonly ShelfItem[]>();

function listItems(range: Range): ShelfItem[] {
  const mm = range.unit === 'in' ? 25.4 : 1;
  return range.families.flatMap((family) =>
    family.heights.flatMap((height) =>
      family.widths.map((width): ShelfItem => {
        const { type, name, also, depths, leg, hangs, price, services } = family;
        // A corner cabinet reaches as far along both walls, and what is round is as deep as wide.
        const square = (leg !== undefined || kindOf(type).plan === 'round') && depths.includes(width);
        const depth = square ? width : depths[0]!;
        return {
          range: range.id,
          code: codeOf(range, family, family.code, width, height),
          also: (also ?? []).map((pattern) => codeOf(range, family, pattern, width, height)),
          type,
          name,
          width: quantise(width * mm),
          depth: quantise(depth * mm),
          depths: depths.map((one) => quantise(one * mm)),
          height: quantise(height * mm),
          ...(leg ? { leg: quantise(leg * mm) } : {}),
          up: hangs ? quantise(Math.max(hangs.bottom, hangs.top - height) * mm) : 0,
          price: Math.round(price.each + price.width * width + price.height * height),
          services: services ?? [],
          family,
        };
      }),
    ),
  );
}

function codeOf(
  { unit }: Range,
  { heights }: Family,
  pattern: string,
  width: number,
  height: number,
): string {
  const between = unit === 'mm' ? '/' : '';
  return pattern.replace('*', `${width}${heights.length > 1 ? `${between}${height}` : ''}`);
}

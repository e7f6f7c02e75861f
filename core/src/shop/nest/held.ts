import type { Nest, NestCase, NestedSheet, NestPart } from './nest-types';

/** What of a nest is settled beforehand: sheets that stay as they are, and strips of parts that are cut one after another from one piece, so that their grain runs on. */
export interface Held {
  /** Sheets that stay, and what they were laid for: parts lie otherwise for another kerf or trim, and none of them stays. */
  kept?: readonly NestedSheet[];
  laidFor?: Pick<NestCase, 'kerf' | 'trim'> | undefined;
  /** Parts by their ids in the order they lie, each as often as it is in it: along the sheet's length, or across it. */
  strips?: readonly Strip[];
}

export interface Strip {
  ids: readonly string[];
  way: 'across' | 'along';
}

const SAME = 1e-6;
/** What strips go by in the nest they are laid in. */
const nameOf = (index: number): string => `strip ${index}`;

/** A nest of what is not settled: what it asks, and the whole of what it answers, by the parts' own ids. */
export interface HeldCase {
  case: NestCase;
  whole: (nest: Nest) => Nest;
}

/** A case less the parts and the sheets that stay, its strips as parts of their own. What is kept but is no longer asked for as it lies is left out of it. */
export function heldCase(asked: NestCase, { kept = [], laidFor, strips = [] }: Held): HeldCase {
  const parts = new Map(asked.parts.map((part) => [part.id, { ...part }]));
  const stays = isLaidFor(asked, laidFor) ? kept.filter((sheet) => takeSheet(sheet, parts, asked)) : [];
  const stock = asked.stock.map((size) => {
    const used = stays.filter(({ stock: id }) => id === size.id).length;
    return size.count === undefined ? size : { ...size, count: size.count - used };
  });
  const most = { l: largest(asked, 'l'), w: largest(asked, 'w') };
  const laid = strips.flatMap(({ ids, way }) =>
    fitting(
      ids.flatMap((id) => parts.get(id) ?? []),
      { way, kerf: asked.kerf, most },
    ).flatMap((members) => takeStrip(members, way, parts)),
  );
  const joined = laid.map(({ members, way }, index): NestPart => ({
    ...{ id: nameOf(index), qty: 1, grain: true },
    l: way === 'along' ? inLine(members, 'l', asked.kerf) : members[0]!.l,
    w: way === 'across' ? inLine(members, 'w', asked.kerf) : members[0]!.w,
  }));
  return {
    case: { ...asked, stock, parts: [...joined, ...[...parts.values()].filter(({ qty }) => qty > 0)] },
    whole: (nest) => wholeNest(nest, { asked, stays, laid }),
  };
}

/** Whether sheets that were laid for some kerf and trim can stay as they are. */
export const isLaidFor = (asked: NestCase, laidFor: Held['laidFor'] = asked): boolean =>
  asked.kerf === laidFor.kerf && asked.trim === laidFor.trim;

const largest = ({ stock, trim }: NestCase, side: 'l' | 'w'): number =>
  Math.max(0, ...stock.map((size) => size[side] - 2 * trim));

const inLine = (members: readonly NestPart[], side: 'l' | 'w', kerf: number): number =>
  members.reduce((sum, one) => sum + one[side], 0) + kerf * (members.length - 1);

/** Takes what lies on a sheet off what is asked for; false, and nothing is taken, where it is not asked for so. */
function takeSheet(sheet: NestedSheet, parts: Map<string, NestPart>, { stock }: NestCase): boolean {
  if (!stock.some(({ id, count = 1 }) => id === sheet.stock && count > 0)) return false;
  const taken = new Map<string, number>();
  for (const { id, l, w, turned } of sheet.parts) {
    const part = parts.get(id);
    const [long, wide] = turned ? [w, l] : [l, w];
    if (!part || Math.abs(part.l - long) > SAME || Math.abs(part.w - wide) > SAME) return false;
    taken.set(id, (taken.get(id) ?? 0) + 1);
  }
  if ([...taken].some(([id, count]) => parts.get(id)!.qty < count)) return false;
  for (const [id, count] of taken) parts.get(id)!.qty -= count;
  return true;
}

/** Parts in a line as strips that go on a sheet: those beside one another that are as wide, as many as fit. */
function fitting(
  members: readonly NestPart[],
  { way, kerf, most }: { way: Strip['way']; kerf: number; most: { l: number; w: number } },
): NestPart[][] {
  const [side, other] = way === 'along' ? (['l', 'w'] as const) : (['w', 'l'] as const);
  const found: NestPart[][] = [];
  for (const part of members) {
    const last = found.at(-1);
    const isLike = last && Math.abs(last[0]![other] - part[other]) <= SAME;
    if (isLike && inLine([...last, part], side, kerf) <= most[side] + SAME) last.push(part);
    else found.push([part]);
  }
  return found.filter(({ length }) => length > 1);
}

/** Takes the parts of a strip off what is asked for; nothing where some of them lie on sheets that stay. */
function takeStrip(
  members: readonly NestPart[],
  way: Strip['way'],
  parts: Map<string, NestPart>,
): { members: readonly NestPart[]; way: Strip['way'] }[] {
  const count = (id: string) => members.filter((one) => one.id === id).length;
  if (members.some(({ id }) => parts.get(id)!.qty < count(id))) return [];
  for (const { id } of members) parts.get(id)!.qty -= 1;
  return [{ members: members.map((one) => ({ ...one })), way }];
}

/** A nest with the sheets that stay before its own, its strips cut into their parts. */
function wholeNest(
  nest: Nest,
  {
    asked,
    stays,
    laid,
  }: {
    asked: NestCase;
    stays: readonly NestedSheet[];
    laid: readonly { members: readonly NestPart[]; way: Strip['way'] }[];
  },
): Nest {
  const byName = new Map(laid.map((strip, index) => [nameOf(index), strip]));
  const own = nest.sheets.map((sheet): NestedSheet => {
    const cuts = [...sheet.cuts];
    const parts = sheet.parts.flatMap((one) => {
      const strip = byName.get(one.id);
      if (!strip) return [one];
      const isAlong = strip.way === 'along';
      let at = isAlong ? one.x : one.y;
      return strip.members.map(({ id, l, w }, index) => {
        const place = { id, l, w, turned: false, x: isAlong ? at : one.x, y: isAlong ? one.y : at };
        at += isAlong ? l : w;
        if (index < strip.members.length - 1)
          cuts.push(
            isAlong ? { x: at, from: one.y, to: one.y + one.w } : { y: at, from: one.x, to: one.x + one.l },
          );
        at += asked.kerf;
        return place;
      });
    });
    return { ...sheet, parts, cuts };
  });
  const sheets = [...stays, ...own];
  const area = (id: string) => {
    const size = asked.stock.find((one) => one.id === id)!;
    return size.l * size.w;
  };
  const sheetArea = sheets.reduce((sum, { stock }) => sum + area(stock), 0);
  const cut = sheets.flatMap(({ parts }) => parts).reduce((sum, { l, w }) => sum + l * w, 0);
  return {
    ...nest,
    ...{ sheets, sheetArea, count: sheets.length, yield: sheetArea > 0 ? cut / sheetArea : 0 },
    bound: Object.fromEntries(Object.entries(nest.bound).map(([id, least]) => [id, least + stays.length])),
    // With what is settled beforehand less of sheets may be possible.
    proven: nest.proven && stays.length === 0 && laid.length === 0,
  };
}

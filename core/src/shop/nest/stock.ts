import type { Cut, Nest, NestedSheet, NestStock } from './nest-types';
import type { Sawing } from './part-cases';

/** What is kept of sheets, by material or for any; how they are sawn. */
export interface Stock {
  kerf: number;
  trim: number;
  sheets: readonly { material?: string; l: number; w: number; count?: number }[];
}

/** An offcut is worth keeping if it is no narrower and no shorter than this, mm. */
export const WORTH_KEEPING = { long: 600, wide: 200 } as const;

interface Rectangle {
  x: number;
  y: number;
  l: number;
  w: number;
}

/** What is left of a sheet once its parts are cut out: rectangles without their kerfs, the largest first. mm. */
export function offcutsOf(
  { parts, cuts }: Pick<NestedSheet, 'cuts' | 'parts'>,
  { l, w }: Pick<NestStock, 'l' | 'w'>,
  { kerf, trim }: { kerf: number; trim: number },
): Rectangle[] {
  let left: Rectangle[] = [{ x: trim, y: trim, l: l - 2 * trim, w: w - 2 * trim }];
  for (const cut of cuts) left = left.flatMap((one) => parted(one, cut, kerf));
  return left.filter((one) => !parts.some((part) => meets(one, part))).sort((a, b) => b.l * b.w - a.l * a.w);
}

const NEAR = 1e-6;

/** A piece of a sheet parted by a cut that goes right across it; another piece stays as it is. */
function parted(one: Rectangle, cut: Cut, kerf: number): Rectangle[] {
  const { x, y, l, w } = one;
  if ('x' in cut) {
    const isAcross = cut.x > x - NEAR && cut.x < x + l - NEAR && cut.from < y + NEAR && cut.to > y + w - NEAR;
    if (!isAcross) return [one];
    return pieces({ x, y, l: cut.x - x, w }, { x: cut.x + kerf, y, l: x + l - cut.x - kerf, w });
  }
  const isAlong = cut.y > y - NEAR && cut.y < y + w - NEAR && cut.from < x + NEAR && cut.to > x + l - NEAR;
  if (!isAlong) return [one];
  return pieces({ x, y, l, w: cut.y - y }, { x, y: cut.y + kerf, l, w: y + w - cut.y - kerf });
}

const pieces = (...all: readonly Rectangle[]): Rectangle[] => all.filter(({ l, w }) => l > NEAR && w > NEAR);

const meets = (a: Rectangle, b: Rectangle): boolean =>
  a.x < b.x + b.l - NEAR && b.x < a.x + a.l - NEAR && a.y < b.y + b.w - NEAR && b.y < a.y + a.w - NEAR;

const sizeName = ({ l, w }: { l: number; w: number }): string => `${round(l)} × ${round(w)}`;
const round = (mm: number): number => Math.round(mm * 10) / 10;

/** How sheets are sawn by what is kept: of each material what there is of it and what there is of any, alike sizes as one. */
export function sawingOf({ kerf, trim, sheets }: Stock): Sawing {
  const of = (material: string | undefined): NestStock[] => {
    const found = new Map<string, NestStock>();
    for (const one of sheets.filter((sheet) => sheet.material === undefined || sheet.material === material)) {
      const id = sizeName(one);
      const known = found.get(id);
      const count = known ? sum(known.count, one.count) : one.count;
      found.set(id, { id, l: one.l, w: one.w, ...(count !== undefined && { count }) });
    }
    return [...found.values()].filter(({ count }) => count !== 0);
  };
  const materials = [...new Set(sheets.flatMap(({ material }) => material ?? []))];
  return {
    ...{ kerf, trim, usual: of(undefined) },
    stock: Object.fromEntries(materials.map((material) => [material, of(material)])),
  };
}

/** Without a count there are as many as are needed. */
const sum = (a: number | undefined, b: number | undefined): number | undefined =>
  a === undefined || b === undefined ? undefined : a + b;

/** The stock once the sheets of a nest are cut: what was counted is taken off, its own before that of any material; offcuts worth keeping come to it. */
export function afterCutting(
  stock: Stock,
  { material, nest, sizes }: { material: string; nest: Pick<Nest, 'sheets'>; sizes: readonly NestStock[] },
): Stock {
  const sheets = stock.sheets.map((one) => ({ ...one }));
  for (const sheet of nest.sheets) {
    const counted = sheets.filter(
      (one) =>
        sizeName(one) === sheet.stock && (one.count ?? 0) > 0 && (one.material ?? material) === material,
    );
    const taken = counted.find((one) => one.material === material) ?? counted[0];
    if (taken?.count !== undefined) taken.count -= 1;
    const size = sizes.find(({ id }) => id === sheet.stock)!;
    for (const { l, w } of offcutsOf(sheet, size, stock).filter(isWorthKeeping)) {
      const kept = { material, l: round(l), w: round(w), count: 1 };
      const alike = sheets.find(
        (one) => one.material === material && sizeName(one) === sizeName(kept) && one.count !== undefined,
      );
      if (alike) alike.count! += 1;
      else sheets.push(kept);
    }
  }
  return { ...stock, sheets: sheets.filter(({ count }) => count !== 0) };
}

const isWorthKeeping = ({ l, w }: Pick<Rectangle, 'l' | 'w'>): boolean =>
  Math.min(l, w) >= WORTH_KEEPING.wide && Math.max(l, w) >= WORTH_KEEPING.long;

/** What becomes of the sheets of a nest: parts, offcuts worth keeping, and the rest; mm². */
export function sheetUse(
  { sheets, sheetArea }: Pick<Nest, 'sheetArea' | 'sheets'>,
  sizes: readonly NestStock[],
  saw: { kerf: number; trim: number },
): { parts: number; offcuts: number; waste: number } {
  const area = (all: readonly Pick<Rectangle, 'l' | 'w'>[]) =>
    all.reduce((total, { l, w }) => total + l * w, 0);
  const parts = area(sheets.flatMap((sheet) => sheet.parts));
  const offcuts = area(
    sheets.flatMap((sheet) =>
      offcutsOf(
        sheet,
        sizes.find(({ id }) => id === sheet.stock)!,
        saw,
      ).filter(isWorthKeeping),
    ),
  );
  return { parts, offcuts, waste: sheetArea - parts - offcuts };
}

/** What is cut from where a studio keeps no stock of its own. */
export const usualStock: Stock = {
  kerf: 4,
  trim: 10,
  sheets: [
    { l: 2_800, w: 2_070 },
    { l: 2_440, w: 1_220 },
  ],
};

/** Sheets as they are mostly bought. */
export const usualSawing: Sawing = sawingOf(usualStock);

import type { Point } from '../../geometry/point';
import { ok, refuse, type Result } from '../../result';
import { SAME, type Cut, type LaidPart, type Nest, type NestCase, type NestedSheet } from './nest-types';

/** A part put elsewhere by hand: which one of which sheet, and its corner nearest the corner of the sheet it goes to, turned from how it lies or not; a sheet beyond the last is a new one. */
export interface PartMove {
  sheet: number;
  part: number;
  to: { sheet: number; x: number; y: number; turn: boolean };
}

/** A nest with a part put elsewhere: refused where it would be off the trimmed sheet, nearer to another than a kerf, turned against its grain, or where the sheet could not be cut right across any more. */
export function movePart(asked: NestCase, nest: Nest, { sheet, part, to }: PartMove): Result<Nest> {
  const from = nest.sheets[sheet]!;
  const moved = turnedPart(from.parts[part]!, to.turn);
  const known = asked.parts.find(({ id }) => id === moved.id);
  if (moved.turned && known?.grain) return refuse('nest-grain', { id: moved.id });
  const isNew = to.sheet >= nest.sheets.length;
  const used = nest.sheets.filter(({ stock }) => stock === from.stock).length;
  const { count = Infinity } = asked.stock.find(({ id }) => id === from.stock)!;
  if (isNew && used - (from.parts.length === 1 ? 1 : 0) >= count)
    return refuse('nest-no-sheet', { stock: from.stock, count });
  const target = isNew ? { stock: from.stock, parts: [], cuts: [] } : nest.sheets[to.sheet]!;
  const others = to.sheet === sheet ? without(from.parts, part) : target.parts;
  const laid = { ...moved, x: to.x, y: to.y };
  const near = nearTo(asked, target.stock, others, laid);
  if (near) return near;
  const after = sawn(asked, target.stock, [...others, laid]);
  if (!after) return refuse('nest-unsawn', { id: moved.id });
  const sheets = nest.sheets.flatMap((one, index) => {
    if (index === to.sheet) return [after];
    if (index !== sheet) return [one];
    const left = without(from.parts, part);
    // What is left can be cut as before, where no shorter way is found.
    return left.length > 0 ? [sawn(asked, from.stock, left) ?? { ...from, parts: left }] : [];
  });
  return ok(asNest(asked, nest, isNew ? [...sheets, after] : sheets));
}

const without = (parts: readonly LaidPart[], at: number): LaidPart[] =>
  parts.filter((_, index) => index !== at);

/** A part as it lies, or turned by a quarter. */
const turnedPart = (part: LaidPart, turn: boolean): LaidPart =>
  turn ? { ...part, l: part.w, w: part.l, turned: !part.turned } : part;

function nearTo(asked: NestCase, stock: string, others: readonly LaidPart[], laid: LaidPart) {
  if (isOff(asked, stock, laid)) return refuse('nest-off', { id: laid.id });
  const other = others.find((one) => isNear(one, laid, asked.kerf));
  return other ? refuse('nest-near', { id: laid.id, other: other.id, kerf: asked.kerf }) : null;
}

const isNear = (a: LaidPart, b: LaidPart, kerf: number): boolean =>
  Math.max(a.x - b.x - b.l, b.x - a.x - a.l, a.y - b.y - b.w, b.y - a.y - a.w) < kerf - SAME;

function isOff({ stock, trim }: NestCase, of: string, { x, y, l, w }: LaidPart): boolean {
  const size = stock.find(({ id }) => id === of)!;
  return x < trim - SAME || y < trim - SAME || x + l > size.l - trim + SAME || y + w > size.w - trim + SAME;
}

/**
 * The places on a sheet where a part is a kerf from its neighbours, or at an edge, and the sheet can still be cut right across: the nearest
 * to its corner first. `except` is the part's own place on that sheet.
 */
export function placesFor(
  asked: NestCase,
  sheet: NestedSheet,
  part: LaidPart,
  { turn = false, except = null }: { turn?: boolean; except?: number | null } = {},
): Point[] {
  const own = turnedPart(part, turn);
  if (own.turned && asked.parts.find(({ id }) => id === own.id)?.grain) return [];
  const others = except === null ? sheet.parts : without(sheet.parts, except);
  const [xs, ys] = (['l', 'w'] as const).map((side) => lines(asked, sheet.stock, others, side, own[side]));
  return xs!
    .flatMap((x) => ys!.map((y) => ({ x, y })))
    .filter((place) => {
      const laid = { ...own, ...place };
      return !nearTo(asked, sheet.stock, others, laid);
    })
    .filter((place) => sawn(asked, sheet.stock, [...others, { ...own, ...place }]) !== null)
    .sort((a, b) => a.x + a.y - b.x - b.y);
}

/** Where a part can lie in one direction: at both edges of what is left of the sheet, beside the others, and level with them. */
function lines(
  { stock, kerf, trim }: NestCase,
  of: string,
  others: readonly LaidPart[],
  side: 'l' | 'w',
  size: number,
): number[] {
  const [low, high] = [trim, stock.find(({ id }) => id === of)![side] - trim - size];
  const found = others.flatMap((one) => {
    const [at, long] = side === 'l' ? [one.x, one.l] : [one.y, one.w];
    return [at, at + long - size, at + long + kerf, at - kerf - size];
  });
  return [low, high, ...found]
    .filter((at) => at >= low - SAME && at <= high + SAME)
    .sort((a, b) => a - b)
    .filter((at, index, all) => index === 0 || at - all[index - 1]! > SAME);
}

/** A place dragged to, where it is near one of those there are caught by the nearest; mm. */
export function caughtPlace(places: readonly Point[], at: Point, near: number): Point | null {
  const off = (place: Point) => Math.hypot(place.x - at.x, place.y - at.y);
  const best = places.reduce<Point | null>(
    (least, place) => (least && off(least) <= off(place) ? least : place),
    null,
  );
  return best && off(best) <= near ? best : null;
}

interface Region {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

/** A sheet with its parts where they lie and the cuts that set them free, each right across what is left there; null where there are none. */
function sawn({ stock, kerf, trim }: NestCase, of: string, parts: readonly LaidPart[]): NestedSheet | null {
  const { l, w } = stock.find(({ id }) => id === of)!;
  const cuts = new Sawing(kerf).cuts({ x0: trim, y0: trim, x1: l - trim, y1: w - trim }, parts);
  return cuts && { stock: of, parts, cuts };
}

/** So many regions are tried until a sheet is taken for one that can't be cut. */
const MOST_TRIED = 400;

/** Finds the cuts that part a region into its parts. Each has room for its kerf where a region begins; where it ends the saw runs out. */
class Sawing {
  #tried = 0;
  readonly #vain = new Set<string>();

  constructor(private readonly kerf: number) {}

  cuts(region: Region, parts: readonly LaidPart[]): Cut[] | null {
    if (parts.length === 0) return [];
    const key = Object.values(region).join();
    if (this.#vain.has(key) || ++this.#tried > MOST_TRIED) return null;
    if (parts.length === 1 && fills(parts[0]!, region)) return [];
    for (const isAcross of [true, false])
      for (const { at, near, far } of this.#ways(region, parts, isAcross)) {
        const [first, second] = isAcross
          ? [
              { ...region, x1: at },
              { ...region, x0: at + this.kerf },
            ]
          : [
              { ...region, y1: at },
              { ...region, y0: at + this.kerf },
            ];
        const one = this.cuts(first, near);
        const two = one && this.cuts(second, far);
        if (!two) continue;
        const cut: Cut = isAcross
          ? { x: at, from: region.y0, to: region.y1 }
          : { y: at, from: region.x0, to: region.x1 };
        return [cut, ...one, ...two];
      }
    this.#vain.add(key);
    return null;
  }

  /** Where a region can be cut across, or along: before its first part, after its last, and between, next to either of the parts there. */
  #ways({ x0, y0, x1, y1 }: Region, parts: readonly LaidPart[], isAcross: boolean) {
    const [from, to] = isAcross ? [x0, x1] : [y0, y1];
    const span = ({ x, y, l, w }: LaidPart): [number, number] => (isAcross ? [x, x + l] : [y, y + w]);
    const sorted = [...parts].sort((a, b) => span(a)[0] - span(b)[0]);
    const found: { at: number; near: readonly LaidPart[]; far: readonly LaidPart[] }[] = [];
    const add = (at: number, index: number) =>
      found.push({ at, near: sorted.slice(0, index), far: sorted.slice(index) });
    const start = span(sorted[0]!)[0];
    if (start - from > this.kerf - SAME) add(start - this.kerf, 0);
    let end = from;
    for (const [index, one] of sorted.entries()) {
      const next = span(one)[0];
      if (index > 0 && next - end > this.kerf - SAME) {
        add(next - this.kerf, index);
        if (next - end > this.kerf + SAME) add(end, index);
      }
      end = Math.max(end, span(one)[1]);
    }
    if (to - end > SAME) add(end, sorted.length);
    return found;
  }
}

const fills = ({ x, y, l, w }: LaidPart, { x0, y0, x1, y1 }: Region): boolean =>
  Math.abs(x - x0) < SAME &&
  Math.abs(y - y0) < SAME &&
  Math.abs(x + l - x1) < SAME &&
  Math.abs(y + w - y1) < SAME;

function asNest({ stock }: NestCase, nest: Nest, sheets: readonly NestedSheet[]): Nest {
  const sheetArea = sheets.reduce((sum, { stock: of }) => {
    const { l, w } = stock.find(({ id }) => id === of)!;
    return sum + l * w;
  }, 0);
  const area = sheets.flatMap(({ parts }) => parts).reduce((sum, { l, w }) => sum + l * w, 0);
  return {
    ...nest,
    ...{ sheets, sheetArea, count: sheets.length, yield: area / sheetArea },
    proven: nest.proven && sheetArea <= nest.sheetArea + SAME,
  };
}

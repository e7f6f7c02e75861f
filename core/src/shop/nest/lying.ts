import { SAME, type Cut, type LaidPart, type NestCase, type NestedSheet } from './nest-types';

/** All parts but one. */
export const without = (parts: readonly LaidPart[], at: number): LaidPart[] =>
  parts.filter((_, index) => index !== at);

/** A part as it lies, or turned by a quarter. */
export const turnedPart = (part: LaidPart, turn: boolean): LaidPart =>
  turn ? { ...part, l: part.w, w: part.l, turned: !part.turned } : part;

/** Whether two parts lie nearer to one another than a kerf. */
export const isNear = (a: LaidPart, b: LaidPart, kerf: number): boolean =>
  Math.max(a.x - b.x - b.l, b.x - a.x - a.l, a.y - b.y - b.w, b.y - a.y - a.w) < kerf - SAME;

/** Whether a part lies off the trimmed sheet. */
export function isOff({ stock, trim }: NestCase, of: string, { x, y, l, w }: LaidPart): boolean {
  const size = stock.find(({ id }) => id === of)!;
  return x < trim - SAME || y < trim - SAME || x + l > size.l - trim + SAME || y + w > size.w - trim + SAME;
}

interface Region {
  x0: number;
  y0: number;
  x1: number;
  y1: number;
}

/** A sheet with its parts where they lie and the cuts that set them free, each right across what is left there; null where there are none. */
export function sawn(
  { stock, kerf, trim }: NestCase,
  of: string,
  parts: readonly LaidPart[],
): NestedSheet | null {
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

import type { Point } from '../../geometry/point';
import { isNear, isOff, sawn, turnedPart, without } from './lying';
import { SAME, type LaidPart, type NestCase, type NestedSheet } from './nest-types';

/** Where a part that is put elsewhere by hand can lie on a sheet. */
export interface PartPlaces {
  /** The one with the least of a measure, of those where that is no more than so much; null where there is none. */
  best(off: (place: Point) => number, most?: number): Point | null;
  /** All of them, the nearest to the sheet's corner first: looked through one by one, which takes long on a full sheet. */
  all(): Point[];
}

/**
 * The places on a sheet where a part is a kerf from its neighbours, or at an edge, and the sheet can still be cut right across. `except` is
 * the part's own place on that sheet. Whether it can be cut is looked at only of those that are asked for.
 */
export function placesFor(
  asked: NestCase,
  sheet: NestedSheet,
  part: LaidPart,
  { turn = false, except = null }: { turn?: boolean; except?: number | null } = {},
): PartPlaces {
  const own = turnedPart(part, turn);
  const isWrong = own.turned && asked.parts.find(({ id }) => id === own.id)?.grain;
  const others = except === null ? sheet.parts : without(sheet.parts, except);
  const places = isWrong ? [] : clearPlaces(asked, sheet.stock, others, own);
  const byWay = { x: sorted(others, 'x'), y: sorted(others, 'y') };
  const known = new Map<Point, boolean>();
  const isFree = (place: Point): boolean => {
    let found = known.get(place);
    if (found === undefined) {
      const laid = { ...own, ...place };
      found = isParted(laid, byWay, asked.kerf) && sawn(asked, sheet.stock, [...others, laid]) !== null;
      known.set(place, found);
    }
    return found;
  };
  return {
    best: (off, most = Infinity) =>
      places
        .map((place) => ({ place, by: off(place) }))
        .filter(({ by }) => by <= most && by < Infinity)
        .sort((a, b) => a.by - b.by)
        .find(({ place }) => isFree(place))?.place ?? null,
    all: () => places.filter(isFree),
  };
}

/** Where a part is on the sheet and a kerf from all others, the nearest to its corner first. */
function clearPlaces(asked: NestCase, of: string, others: readonly LaidPart[], own: LaidPart): Point[] {
  const [xs, ys] = (['l', 'w'] as const).map((side) => lines(asked, of, others, side, own[side]));
  return xs!
    .flatMap((x) => {
      // Only what is beside it can be in its way.
      const beside = others.filter(
        (one) => Math.max(one.x - x - own.l, x - one.x - one.l) < asked.kerf - SAME,
      );
      return ys!.flatMap((y) => {
        const laid = { ...own, x, y };
        const isClear = !isOff(asked, of, laid) && !beside.some((one) => isNear(one, laid, asked.kerf));
        return isClear ? [{ x, y }] : [];
      });
    })
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

type Way = 'x' | 'y';
const longOf = { x: 'l', y: 'w' } as const;
const sorted = (parts: readonly LaidPart[], way: Way): LaidPart[] =>
  parts.toSorted((a, b) => a[way] - b[way]);

/** Whether cuts right across can part what lies in a place from all others, wherever they begin: where not, nothing else need be tried. What is left with it is looked at alone, across and along by turns. */
function isParted(own: LaidPart, others: Readonly<Record<Way, readonly LaidPart[]>>, kerf: number): boolean {
  let left = others;
  for (;;) {
    if (left.x.length === 0) return true;
    const before = left.x.length;
    for (const way of ['x', 'y'] as const) {
      const [from, to] = stretchWith(own, left[way], way, kerf);
      const isIn = (one: LaidPart) => one[way] >= from - SAME && one[way] <= to;
      left = { x: left.x.filter(isIn), y: left.y.filter(isIn) };
    }
    if (left.x.length === before) return false;
  }
}

/** From where to where parts lie in one direction with no room for a cut between them, one of them among them. */
function stretchWith(own: LaidPart, others: readonly LaidPart[], way: Way, kerf: number): [number, number] {
  const long = longOf[way];
  let [from, end] = [-Infinity, -Infinity];
  let isOwn = false;
  let placed = false;
  const add = (one: LaidPart): boolean => {
    if (one[way] - end > kerf - SAME) {
      if (isOwn) return false;
      from = one[way];
    }
    end = Math.max(end, one[way] + one[long]);
    return true;
  };
  for (const one of others) {
    if (!placed && own[way] <= one[way]) {
      placed = true;
      add(own);
      isOwn = true;
    }
    if (!add(one)) return [from, end];
  }
  if (!placed) add(own);
  return [from, end];
}

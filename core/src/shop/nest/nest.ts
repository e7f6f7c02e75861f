import { ok, refuse, type Result } from '../../result';
import { sawCuts } from './cuts';
import { leastCount } from './least-area';
import { NestSearch } from './nest-search';
import { SAME, type LaidPart, type Nest, type NestCase, type NestPart, type NestedSheet } from './nest-types';
import { fits, type Piece, type Room, type Shape } from './sawn';
import type { Laying } from './sheetfuls';

/** A search goes on so long where nothing else is said, s; and begins with orders for this share of it, and no longer than so many ms a part: then its first answer is there. */
const SECONDS = 3;
const BEGINNING = 0.3;
const FIRST = 2.5;
/** Whoever watches is told no less often, ms. */
const TOLD = 250;

/** What a search is watched by: it is told the best nest each time that is better, and every so often the very same once more, with how much of its time is over; it stops where that answers false. */
export type NestWatch = (best: Nest, done: number) => boolean;

/**
 * Cuts parts out of sheets by cuts right across: least area of sheets first, then fewest sheets. Part and kerf together are rectangles that lie without
 * gaps in sheets that are a kerf larger, so that every cut has its room. Refused where a part fits no sheet, or there are not enough of them.
 */
export function nest(
  one: NestCase,
  {
    seconds = one.seconds ?? SECONDS,
    watch,
    searches = true,
  }: {
    seconds?: number;
    watch?: NestWatch;
    /** Whether a better one is looked for once the parts are laid by every rule; else the answer is always the same. */
    searches?: boolean;
  } = {},
): Result<Nest> {
  const { kerf, trim } = one;
  const of = one.parts.flatMap((part) => Array.from({ length: part.qty }, () => part));
  const shapes = of.map(({ l, w, grain }): Shape => ({
    ...{ l: l + kerf, w: w + kerf, area: (l + kerf) * (w + kerf) },
    turns: !grain && Math.abs(l - w) > SAME,
  }));
  const sizes = one.stock.map(({ l, w, count = Infinity }, stock) => {
    const room: Room = { stock, l: l - 2 * trim + kerf, w: w - 2 * trim + kerf };
    return { room, area: l * w, count };
  });
  const tooLarge = of.find((_, index) =>
    sizes.every(({ room, count }) => count === 0 || !fits(shapes[index]!, room.l, room.w)),
  );
  if (tooLarge) return refuse('nest-too-large', { id: tooLarge.id, length: tooLarge.l, width: tooLarge.w });
  const search = new NestSearch(shapes, sizes);
  const began = performance.now();
  const done = () => (performance.now() - began) / (seconds * 1_000);
  search.begin(() => searches && done() >= Math.min(BEGINNING, (FIRST * of.length) / (seconds * 1_000)));
  const answer = (laying: Laying) => nestOf(one, of, laying, search.proven);
  let known = { laying: search.best, nest: answer(search.best), at: performance.now() };
  let goesOn = searches && (watch?.(known.nest, done()) ?? true);
  search.improve(() => {
    if (watch && goesOn) {
      const [laying, at] = [search.best, performance.now()];
      const isBetter = laying !== known.laying;
      if (isBetter || at - known.at > TOLD) {
        known = { laying, nest: isBetter ? answer(laying) : known.nest, at };
        goesOn = watch(known.nest, done());
      }
    }
    return goesOn ? done() : 1;
  });
  const { best } = search;
  if (best.left.length > 0)
    return refuse('nest-left', { left: best.left.length, of: of.length, first: of[best.left[0]!]!.id });
  return ok(answer(best));
}

function nestOf(one: NestCase, of: readonly NestPart[], { filled }: Laying, proven: boolean): Nest {
  const { id, kerf, trim, stock } = one;
  const sheets = filled.map(({ room, root }): NestedSheet => ({
    stock: stock[room.stock]!.id,
    parts: laidIn(root, { of, trim }),
    cuts: sawCuts(root, { kerf, trim }),
  }));
  const sheetArea = filled.reduce((sum, { room }) => {
    const { l, w } = stock[room.stock]!;
    return sum + l * w;
  }, 0);
  const shapes = of.map(({ l, w }) => ({ l, w, area: (l + kerf) * (w + kerf), turns: false }));
  const bound = Object.fromEntries(
    stock.flatMap(({ id: name, l, w }) => {
      const room = { l: l - 2 * trim + kerf, w: w - 2 * trim + kerf };
      return room.l > 0 && room.w > 0 ? [[name, leastCount(shapes, room)]] : [];
    }),
  );
  const area = of.reduce((sum, { l, w }) => sum + l * w, 0);
  return {
    ...{ id, sheets, count: sheets.length, sheetArea, bound, proven },
    yield: sheetArea > 0 ? area / sheetArea : 0,
  };
}

function laidIn(piece: Piece, { of, trim }: { of: readonly NestPart[]; trim: number }): LaidPart[] {
  if (piece.sawn) return [piece.first!, piece.second!].flatMap((one) => laidIn(one, { of, trim }));
  if (piece.part < 0) return [];
  const { id, l, w } = of[piece.part]!;
  const { x, y, turned } = piece;
  return [{ id, x: x + trim, y: y + trim, l: turned ? w : l, w: turned ? l : w, turned }];
}

import { perDesign, roomOf, type Design } from '../document/design';
import { remember, rememberOne } from '../document/remember';
import { AGAINST } from '../geometry/tolerance';
import { constructionBeside, constructionOf, plinthUnder } from '../ranges/construction';
import type { Range } from '../ranges/range';
import { findRange, rangesOf } from '../ranges/shelf';
import { findBox, itemBoxes, type ItemBox } from '../setting/item-box';
import { stretchOfPolygon } from '../setting/strip';
import type { Bearing } from './board-rings';
import { boardsAlong, type BoardRow, type EdgeBoard } from './edge-boards';
import { waterfalls, type Waterfall } from './waterfalls';

/** What is washed in has its feet further back: its plinth stands back behind the others by so much more, mm. */
const DISHWASHER_BACK = 50;

/**
 * The plinths of the room: under everything that stands on the floor on one, back behind the fronts, round corners and free ends, to the walls and
 * what else stands there. Where a plinth was set by itself there is no other.
 */
export const plinths: (design: Design) => readonly BoardRow[] = perDesign((design) => {
  const bearings = feetOf(design);
  const beside = [...waterfalls(design).values()].flat().map(fallingBody);
  return boardsAlong(design, { bearings, beside, ignored: ({ kind }) => kind.id === 'plinth' });
});

/** A top that goes down to the floor, as what stands there. */
const fallingBody = rememberOne(({ footprint }: Waterfall) => ({ pieces: [footprint] }));

/** What stands on a plinth, and how: none before what has none by hand, nor where one was set by itself. */
const feetOf: (design: Design) => ReadonlyMap<string, Bearing> = perDesign((design) => {
  const known = rangesOf(design);
  const { range, plinthBack } = roomOf(design);
  const footOf = footIn(known, {
    room: findRange(range, known) ?? null,
    plinthBack: plinthBack ?? null,
  });
  const set = itemBoxes(design).filter(({ kind }) => kind.id === 'plinth');
  const found = new Map<string, Bearing>();
  for (const box of itemBoxes(design)) {
    const foot = footOf(box);
    if (foot && !set.some((one) => standsBefore(box, one))) found.set(box.id, foot);
  }
  return found;
});

/** What plinths follow from in a room, besides the ranges there are: its own, and how far they stand back where the room says so. */
interface Usual {
  room: Range | null;
  plinthBack: number | null;
}

const footIn = remember((known: readonly Range[], { room, plinthBack }: Usual) => {
  const usualWay = room && constructionOf(room);
  return rememberOne(({ record, kind }: ItemBox): Bearing | null => {
    const made = constructionBeside(record, kind, { known, usual: usualWay });
    const height = plinthUnder(kind, record, made);
    if (!made || height === 0 || record.plinth?.none) return null;
    const { back, thick } = made.plinth;
    const usual = (plinthBack ?? back) + (kind.id === 'dishwasher' ? DISHWASHER_BACK : 0);
    const said = record.plinth && { said: record.plinth };
    return { low: 0, high: height, back: record.plinth?.front ?? usual, thick, ...said };
  });
});

/** How far the plinth under the front of an item stands back, mm; null where there is none. */
export const plinthUnderFront = (design: Design, item: string): number | null =>
  feetOf(design).get(item)?.back ?? null;

/** Whether something flat that was set by itself stands along most of the front of an item. */
export function standsBefore({ origin, u, n, record: { width, depth } }: ItemBox, set: ItemBox): boolean {
  const strip = { origin, u, n, near: depth / 2, far: depth + AGAINST };
  const stretch = set.pieces.flatMap((piece) => {
    const one = stretchOfPolygon(strip, piece);
    return one ? [Math.min(width, one[1]) - Math.max(0, one[0])] : [];
  });
  return stretch.some((long) => long > width / 2);
}

/** How far a board of a plinth stands back behind the sides it is under, mm, and whether they say so themselves. */
export function plinthBackOf(
  design: Design,
  { at: [{ item, side }] }: EdgeBoard,
): { back: number; own: boolean } {
  const box = findBox(design, item)!;
  const own = box.record.plinth?.[side];
  const usual = side === 'front' ? (feetOf(design).get(box.id)?.back ?? 0) : 0;
  return { back: own ?? usual, own: own !== undefined };
}

/** How far plinths stand back behind the boxes of the room's range, mm. */
export function usualPlinthBack(design: Design): number {
  const range = findRange(roomOf(design).range, rangesOf(design));
  return (range && constructionOf(range)?.plinth.back) ?? 0;
}

/** Where nothing is known of how long plinths come, mm. */
const USUAL_STOCK = 3_000;

/** The longest plinth that comes in the room's range, mm. */
export function plinthStock(design: Design): number {
  const room = findRange(roomOf(design).range, rangesOf(design));
  const widths =
    room?.families.filter(({ type }) => type === 'plinth').flatMap((family) => family.widths) ?? [];
  return widths.length > 0 ? Math.max(...widths) : USUAL_STOCK;
}

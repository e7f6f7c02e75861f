import { named, type Noun } from '../nouns';
import type { RunBand } from '../document/limits';
import type { FacePlacement, Side } from '../document/records';
import { bandFillers, bandGroups } from '../ranges/bands';
import { hasLegs } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { ShelfItem } from '../ranges/range';
import { runsMeet } from '../setting/open-lengths';
import { quantise } from '../units/units';
import {
  clearOfRun,
  cornerSides,
  firstFree,
  type CornerSide,
  type OpenCorner,
  type Span,
} from './open-corner';

/** An item set in a corner: so far from it along one of its faces, which is the one that ends there or the one that begins. */
export interface CornerItem {
  item: ShelfItem;
  /** Made to this width where it is a filler. */
  width: number;
  on: CornerSide;
  fromCorner: number;
  off: number;
  hand: Side;
}

/** A way to fill an inside corner between two runs. */
export interface CornerChoice {
  name: Noun;
  items: readonly CornerItem[];
  /** How much of the face that ends here, and of the one that begins, it takes, mm. */
  ending: number;
  beginning: number;
  /** Total width of the fillers, mm. */
  filler: number;
}

/** The narrowest door that is of use in a blind corner, mm. */
const LEAST_DOOR = 250;
/** A blind cabinet is pulled off the corner by no more than this, mm. */
const MOST_PULL = 200;
/** Corners that are filled with corner cabinets are square within this, radians: a degree, and what is lost in computing. */
const SQUARE = Math.PI / 180 + 1e-9;

/** What a corner is filled with. Lengths mm. */
export interface CornerParts {
  shelf: readonly ShelfItem[];
  band: RunBand;
  /** Of the run. */
  depth: number;
  height: number;
  /** How far its fronts stand proud. */
  proud: number;
  /** The filler on either side of the corner, beside what stands proud. */
  filler: number;
}

/** A way to fill a corner, and of each face the part that must be free for it. */
interface Tried {
  choice: CornerChoice;
  needs: Readonly<Record<CornerSide, Span>>;
}

/**
 * Every way the items of a range fill an inside corner between runs of one depth. Where it is square: a cabinet with legs along both walls; a
 * blind one on either wall, pulled off the corner as far as its door needs, with fillers on both sides. At last none, with a filler at
 * the end of each run; null where the range has no filler. Only what fits into what is free there; `least` is the least that
 * any of them would take of either face, mm.
 */
export function cornerChoices(
  parts: CornerParts,
  corner: OpenCorner,
): { filled: CornerChoice[]; empty: CornerChoice | null; least: Record<CornerSide, number> } {
  const { shelf, band, height } = parts;
  const strip = shelf.find(({ type }) => type === bandFillers[band]);
  const own = shelf.filter(
    ({ type, height: high }) => kindOf(type).group === bandGroups[band] && Math.abs(high - height) < 1,
  );
  const { angle } = corner;
  const isSquare = Math.abs(angle - Math.PI / 2) <= SQUARE;
  const legs = isSquare ? own.flatMap((item) => withLegs(item, parts, angle)) : [];
  const blind =
    isSquare && strip ? own.flatMap((item) => blindOnEither(item, strip, parts, corner, angle)) : [];
  const filled = [...legs, ...blind];
  const empty = strip ? emptyCorner(strip, parts, corner) : null;
  const all = empty ? [...filled, empty] : filled;
  const least = (side: CornerSide) => Math.min(...all.map(({ choice }) => choice[side]));
  const fits = ({ needs }: Tried) =>
    cornerSides.every((side) => {
      const { from, to } = needs[side];
      return to === from || firstFree(corner.free[side], from, to - from) === from;
    });
  return {
    filled: filled.filter(fits).map(({ choice }) => choice),
    empty: empty && fits(empty) ? empty.choice : null,
    least: { ending: least('ending'), beginning: least('beginning') },
  };
}

/** Where a square end is clear of a wall that leans towards it, mm from the corner. */
function clearOfWall(angle: number, depth: number): number {
  return Math.max(0, quantise(depth / Math.tan(angle)));
}

function withLegs(item: ShelfItem, { depth }: CornerParts, angle: number): Tried[] {
  if (!hasLegs(kindOf(item.type)) || Math.abs(item.width - item.depth) >= 1) return [];
  const fromCorner = clearOfWall(angle, item.depth);
  const ending = fromCorner + item.width;
  const beginning = clearOfRun(angle, item.depth, depth);
  return [
    {
      choice: {
        name: named(item.name),
        items: [{ item, width: item.width, on: 'ending', fromCorner, off: 0, hand: 'right' }],
        ...{ ending, beginning, filler: 0 },
      },
      needs: { ending: { from: fromCorner, to: ending }, beginning: { from: 0, to: beginning } },
    },
  ];
}

function blindOnEither(
  item: ShelfItem,
  strip: ShelfItem,
  { shelf, band, depth, proud, filler }: CornerParts,
  { free }: OpenCorner,
  angle: number,
): Tried[] {
  if (!kindOf(item.type).blind || Math.abs(item.depth - depth) >= 1) return [];
  const blindStrip = band === 'base' ? shelf.find(({ type }) => type === 'filler-blind') : undefined;
  // The other run begins past the box; its door past the fronts, which the filler lets open.
  const besideBox = clearOfRun(angle, depth, depth);
  const besideFronts = clearOfRun(angle, depth + proud, depth + proud);
  const closing = besideFronts - besideBox + filler;
  const least = Math.max(clearOfWall(angle, depth), besideBox + closing + LEAST_DOOR - item.width);
  return cornerSides.flatMap((on): Tried[] => {
    const pull = firstFree(free[on], least, item.width) ?? least;
    if (pull > MOST_PULL) return [];
    const [other, hand, otherHand] =
      on === 'ending' ? (['beginning', 'right', 'left'] as const) : (['ending', 'left', 'right'] as const);
    const strips: CornerItem[] = [
      { item: strip, width: closing, on: other, fromCorner: besideBox, off: 0, hand: otherHand },
    ];
    if (blindStrip)
      strips.push({ item: blindStrip, width: filler, on, fromCorner: besideFronts, off: depth, hand });
    const taken = { [on]: pull + item.width, [other]: besideBox + closing } as Record<CornerSide, number>;
    const needs = {
      [on]: { from: pull, to: taken[on] },
      [other]: { from: besideBox, to: taken[other] },
    } as Record<CornerSide, Span>;
    const choice = {
      name: named(item.name),
      items: [{ item, width: item.width, on, fromCorner: pull, off: 0, hand }, ...strips],
      ...taken,
      filler: strips.reduce((sum, { width }) => sum + width, 0),
    };
    return [{ choice, needs }];
  });
}

/** Where something stands where the filler of a run would, it comes after that; if that ends the run anyway, there is none. */
function emptyCorner(
  strip: ShelfItem,
  { depth, proud, filler }: CornerParts,
  { angle, free }: OpenCorner,
): Tried {
  const from = runsMeet(angle, depth);
  const to = runsMeet(angle, depth + proud) + filler;
  const items: CornerItem[] = [];
  const part = (on: CornerSide, hand: Side): Span => {
    const there = free[on].find((span) => span.from < to && span.to > from);
    if (!there) return { from: to, to };
    const fromCorner = Math.max(from, there.from);
    items.push({ item: strip, width: to - from, on, fromCorner, off: 0, hand });
    return { from: fromCorner, to: fromCorner + to - from };
  };
  const needs = { ending: part('ending', 'right'), beginning: part('beginning', 'left') };
  const choice = {
    name: 'empty-corner' as const,
    items,
    ending: needs.ending.to,
    beginning: needs.beginning.to,
    filler: items.reduce((sum, { width }) => sum + width, 0),
  };
  return { choice, needs };
}

/** Where a corner's item stands, against the face it is on. */
export function cornerPlacement(
  { on, fromCorner, off }: CornerItem,
  faces: { ending: string; beginning: string },
): FacePlacement {
  return { on: 'face', face: faces[on], from: on === 'ending' ? 'right' : 'left', distance: fromCorner, off };
}

import { type DoorStyle, type HandleStyle } from '../document/limits';
import type { Side } from '../document/records';
import { railOf, type LeafBoard } from '../surfaces/door-styles';
import { plinthUnder, type ConstructionMethod } from '../ranges/construction';
import { ONE_DOOR } from '../ranges/handing';
import { cellsBetween, plain } from '../ranges/row-cells';
import type { FrontRow, ItemKind } from '../ranges/item-kind';

/** A part of a front, in the front's own frame: across from its left end as seen from in front, up from the item's underside, mm. */
export interface FrontPart {
  shows: 'controls' | 'door' | 'drawer' | 'drop' | 'flap' | 'niche' | 'panel' | 'port' | 'shelf';
  left: number;
  right: number;
  low: number;
  high: number;
  /** The side a leaf, flap or drop turns about; what has none slides out or stays. */
  hinge?: Side | 'bottom' | 'top';
  /** Which row of a front of one's own it is in, from the top, and which of those side by side, from the left. */
  row?: number;
  cell?: number;
  glass?: true;
  /** How it is made: a plain board unless given. */
  style?: DoorStyle;
  /** Of what is no front: the boards it is made of. */
  boards?: readonly LeafBoard[];
  /** Of one that is cut to a slope: how high that is over its left and its right end. */
  heads?: readonly [left: number, right: number];
  /** Where it is taken hold of, and by what; by a bar unless given. */
  pull?: { across: number; up: number; upright: boolean; by?: HandleStyle };
}

/** What the parts of a front depend on. Lengths mm. */
export interface FrontSizes {
  kind: Pick<ItemKind, 'group' | 'own' | 'rows' | 'symbol' | 'top'>;
  width: number;
  height: number;
  /** Height of its underside above the floor. */
  up: number;
  hand: Side;
  /** Which end of the front goes on into a corner, behind the run beside it, and how much of it is hidden there. */
  hidden?: { end: Side; width: number };
  drawers?: number;
}

/** How far a pull stands in from the edges of its front, and from the edge it is near; how long a bar is. */
const PULL_IN = 45;
const PULL_END = 80;
/** Where tall doors are taken hold of, above the floor. */
const HAND_HEIGHT = 1_050;
/** A thin board, seen from its edge. */
const SHELF = 18;
/** Shelves stand apart by about so much. */
const SHELF_EVERY = 300;
/** What shows between the leaves of a pair of doors: no stile stands behind it. */
const PAIR_GAP = 3;

/**
 * What shows on the front of an item, rows from the top down: fronts short of the box's sides and apart by what its construction says, clear of
 * the plinth under what stands on the floor. Nothing for what has no front.
 */
export function frontParts(sizes: FrontSizes, made: ConstructionMethod | null): FrontPart[] {
  const { kind, height, up, hidden, width } = sizes;
  if (!kind.rows) return [];
  const { between, frontShort } = made ?? plain;
  const plinth = plinthUnder(kind, sizes, made);
  const left = hidden?.end === 'left' ? hidden.width : 0;
  const right = width - (hidden?.end === 'right' ? hidden.width : 0);
  const parts: FrontPart[] = [];
  const rows = kind.rows.flatMap((row) => spread(row, sizes.drawers ?? 3));
  const gaps = between * (rows.length - 1) + 2 * frontShort;
  const free = height - plinth - gaps - rows.reduce((sum, { high = 0 }) => sum + high, 0);
  const shares = rows.reduce((sum, row) => sum + shareOf(row), 0);
  // Rows of fixed height alone are stretched to fill the front.
  const stretch = shares === 0 ? (height - plinth - gaps) / (height - plinth - gaps - free) : 1;
  let top = height - frontShort;
  for (const [index, row] of rows.entries()) {
    const high = (row.high ?? 0) * stretch + (shares > 0 ? (free * shareOf(row)) / shares : 0);
    const at = { left: left + frontShort, right: right - frontShort, low: top - high, high: top };
    if (at.high - at.low > 1 && at.right - at.left > 1)
      parts.push(
        ...(kind.own ? ownParts(rows, index, at, { sizes, made, plinth }) : partsOf(row, at, sizes, up)),
      );
    top -= high + between;
  }
  return parts;
}

/** The parts of a row of one's own: one or several side by side, and the shelves of what stands open as they are said to be. */
function ownParts(
  rows: readonly FrontRow[],
  index: number,
  at: Place,
  { sizes, made, plinth }: { sizes: FrontSizes; made: ConstructionMethod | null; plinth: number },
): FrontPart[] {
  const row = rows[index]!;
  const { board = SHELF, shelf = SHELF, frame = null } = made?.build ?? {};
  const edge = frame ? frame.wide : board;
  const { between } = made ?? plain;
  /** Half of what is between what stands open and a row beside it: a rail, or a board whose face is level with it, or in the middle to another. */
  const half = (other: FrontRow) =>
    frame ? frame.wide / 2 : other.shows === 'shelves' ? board / 2 : between / 2;
  const [above, below] = [rows[index - 1], rows[index + 1]];
  const head = sizes.height - (frame && sizes.kind.top !== 'under' ? edge : board);
  // What stands open begins and ends at the boards of the box, or of what parts it.
  const clear: Span = [
    below ? at.low - between / 2 + half(below) : plinth + edge,
    above ? at.high + between / 2 - half(above) : head,
  ];
  const cells = cellsBetween(at, row, between);
  return cells.flatMap((cell, place): FrontPart[] => {
    const own: FrontSizes = {
      ...sizes,
      width: cells.length > 1 ? cell.right - cell.left : sizes.width,
      hand:
        cells.length === 1
          ? sizes.hand
          : place === 0
            ? 'left'
            : place === cells.length - 1
              ? 'right'
              : sizes.hand,
    };
    const found: FrontPart[] =
      row.shows === 'shelves'
        ? [{ shows: 'niche', ...cell }, ...openShelves(row, cell, { clear, thick: shelf })]
        : partsOf(row, cell, own, sizes.up);
    return found.map((part) => ({ ...part, row: index, ...(cells.length > 1 && { cell: place }) }));
  });
}

type Span = readonly [number, number];

/** The shelves of what stands open: so many, or as many as usual; evenly, or with clear heights under them. */
function openShelves(
  { shelves, clear: typed }: FrontRow,
  at: Place,
  { clear: [low, high], thick }: { clear: Span; thick: number },
): FrontPart[] {
  const board = (under: number): FrontPart => ({
    ...{ shows: 'shelf', left: at.left, right: at.right, low: under, high: under + thick },
  });
  if (typed) {
    let under = low;
    return typed.flatMap((one) => {
      under += one;
      const found = under + thick < high ? [board(under)] : [];
      under += thick;
      return found;
    });
  }
  const count = shelves ?? Math.max(0, Math.round((at.high - at.low) / SHELF_EVERY) - 1);
  const each = (high - low - count * thick) / (count + 1);
  return each <= 0
    ? []
    : Array.from({ length: count }, (_, index) => board(low + each * (index + 1) + thick * index));
}

function shareOf({ high, share }: FrontRow): number {
  return high === undefined ? (share ?? 1) : 0;
}

/** Drawers one above the other, the top one of three half as high as the others. */
function spread(row: FrontRow, drawers: number): FrontRow[] {
  if (row.shows !== 'drawers') return [row];
  return Array.from({ length: drawers }, (_, index) => ({
    shows: 'drawer',
    share: drawers === 3 && index > 0 ? 2 : 1,
  }));
}

type Place = Pick<FrontPart, 'high' | 'left' | 'low' | 'right'>;

function partsOf(row: FrontRow, at: Place, sizes: FrontSizes, up: number): FrontPart[] {
  const middle = (at.left + at.right) / 2;
  const across = { across: middle, upright: false };
  switch (row.shows) {
    case 'doors':
      return doors(row, at, sizes, up);
    case 'drawer':
      return [
        {
          shows: 'drawer',
          ...at,
          pull: { ...across, up: Math.max(at.low, at.high - Math.min(PULL_IN, (at.high - at.low) / 2)) },
        },
      ];
    case 'flap':
      return [{ shows: 'flap', ...at, hinge: 'top', pull: { ...across, up: at.low + PULL_IN } }];
    case 'drop':
      return [{ shows: 'drop', ...at, hinge: 'bottom', pull: { ...across, up: at.high - PULL_IN } }];
    case 'shelves': {
      const count = Math.max(0, Math.round((at.high - at.low) / SHELF_EVERY) - 1);
      const boards = Array.from({ length: count }, (_, index): FrontPart => {
        const low = at.low + ((at.high - at.low) * (index + 1)) / (count + 1) - SHELF / 2;
        return { shows: 'shelf', left: at.left, right: at.right, low, high: low + SHELF };
      });
      return [{ shows: 'niche', ...at }, ...boards];
    }
    case 'drawers':
      return [];
    default:
      return [{ shows: row.shows, ...at }];
  }
}

/** One leaf, or two that meet in the middle: each held at the end away from its hinge, at the bottom of what hangs, the top of what stands, at hand height where it is tall. */
function doors(row: FrontRow, at: Place, { hand, hidden, width }: FrontSizes, up: number): FrontPart[] {
  const pair = !row.single && width > ONE_DOOR;
  const middle = (at.left + at.right) / 2;
  const leaf = (left: number, right: number, hinge: Side): FrontPart => ({
    shows: 'door',
    left,
    right,
    low: at.low,
    high: at.high,
    hinge,
    ...(row.glass ? { glass: true } : {}),
    pull: {
      across: hinge === 'left' ? right - PULL_IN : left + PULL_IN,
      up: pullHeight(at, up),
      upright: true,
    },
  });
  if (pair)
    return [leaf(at.left, middle - PAIR_GAP / 2, 'left'), leaf(middle + PAIR_GAP / 2, at.right, 'right')];
  // Beside what is hidden in a corner the leaf turns away from it.
  const hinge = hidden ? (hidden.end === 'left' ? 'right' : 'left') : hand;
  return [leaf(at.left, at.right, hinge)];
}

function pullHeight({ low, high }: Place, up: number): number {
  const end = Math.min(PULL_END, (high - low) / 2);
  const hand = HAND_HEIGHT - up;
  if (high - low > 1_100 && hand > low + end && hand < high - end) return hand;
  // What begins above hand height is reached from below.
  return low + up > HAND_HEIGHT ? low + end : high - end;
}

/** A gap for fingers where a front has nothing else to be taken hold of by, mm. */
const FINGERS = 20;

/** The leaves of a front in a style, taken hold of by something: with nothing, they are so much shorter where they are taken hold of, but where that is in their middle. */
export function styled(
  parts: readonly FrontPart[],
  { door, handle }: { door: DoorStyle; handle: HandleStyle },
): FrontPart[] {
  return parts.map((part): FrontPart => {
    if (!LEAVES.has(part.shows)) return part;
    const own: FrontPart = door === 'slab' ? part : offJoint({ ...part, style: door });
    const { pull, low, high } = own;
    if (!pull || handle === 'bar') return own;
    if (handle !== 'none') {
      // A cup is for what slides.
      const by = handle === 'cup' && part.shows !== 'drawer' ? 'knob' : handle;
      return { ...own, pull: { ...pull, by } };
    }
    const { pull: _, ...free } = own;
    const [below, above] = [pull.up - low, high - pull.up];
    if (Math.min(below, above) > 2 * PULL_END || high - low < 4 * FINGERS) return free;
    return above <= below ? { ...free, high: high - FINGERS } : { ...free, low: low + FINGERS };
  });
}

/** Nothing is bored where a rail meets its panel: nearer to that a handle goes to the middle of the rail, mm. */
const OFF_JOINT = 4;

function offJoint(part: FrontPart): FrontPart {
  const { pull, left, right, low, high, style = 'slab' } = part;
  const rail = railOf(style, right - left, high - low);
  if (!pull || pull.upright || rail === null) return part;
  const above = high - pull.up <= pull.up - low;
  const end = above ? high - pull.up : pull.up - low;
  if (Math.abs(end - rail) >= OFF_JOINT) return part;
  return { ...part, pull: { ...pull, up: above ? high - rail / 2 : low + rail / 2 } };
}

const LEAVES: ReadonlySet<FrontPart['shows']> = new Set(['door', 'drawer', 'flap'] as const);

import { headBefore, isAlong } from '../../setting/slant';
import { board, type Board, type Machining, type Span } from './board';
import {
  clearOf,
  hangSpan,
  openingOf,
  railsFoot,
  shelfBack,
  slantBack,
  type CabinetBox,
  type Inside,
  type Row,
} from './cabinet-box';
import type { Cell } from './compartments';
import { slanted } from './cut-slant';

/** Shelves of a box and the holes that their pins stand in. */
export interface Shelved {
  shelves: readonly Board[];
  /** How many of them lie on pins. */
  loose: number;
  holes: { left: readonly Machining[]; right: readonly Machining[] };
}

/** Rows of holes begin so far over what is under them and end so far below what is over them, mm. */
const ROW_END = 96;
/** No shelf comes nearer to the middle of a hinge, and no hole to those of its plate. */
const OFF_HINGE = 45;
const OFF_PLATE = 8;
/** The holes of a plate are so far over and under its middle. */
export const PLATE = 16;
/** In less there is no shelf, so many in more: what is clear behind doors, and how many shelves it has. */
const USUAL: readonly (readonly [clear: number, count: number])[] = [
  [1_000, 4],
  [600, 2],
  [350, 1],
];
/** A broom cupboard has one shelf, so far under its top. */
const BROOM = 400;

/** The shelves of a box and the holes in its sides for them. */
export function shelved(box: CabinetBox, inside: Inside): Shelved {
  const open = box.rows.flatMap((row) => row.parts.filter(({ shows }) => shows === 'shelf'));
  if (open.length > 0)
    return openShelves(
      box,
      inside,
      open.map(({ low, high }) => (low + high) / 2),
    );
  const rows = box.rows.filter(({ shows }) => shows === 'door' || shows === 'flap');
  const stretches = rows.map((row) => ({ row, span: openingOf(box, inside, row) }));
  const counts = countsOf(box, stretches);
  const { shelf, holes: bored } = box.made.build;
  const { size } = bored;
  // What hangs the box on the wall is in the way of a shelf.
  const under = clearUnder(box, inside);
  const found: Board[] = [];
  const levels: number[] = [];
  for (const [index, { row, span }] of stretches.entries()) {
    const count = counts[index]!;
    if (count === 0) continue;
    const holes = holeLevels(box, row, span);
    levels.push(...holes);
    const clear = holes.filter((at) => at + size / 2 + shelf <= Math.min(under, span[1]));
    found.push(...placedAmong(box, span, count, clear).flatMap((low) => shelfAt(box, low)));
  }
  return {
    shelves: found,
    loose: found.length,
    holes: { left: holesAt(box, levels, 'right'), right: holesAt(box, levels, 'left') },
  };
}

/** From where up a board stands on edge before the back: what hangs the box on the wall, or the rail before what is let into its top; nothing where none does. */
const onEdgeFrom = (box: CabinetBox, inside: Inside): number =>
  Math.min(railsFoot(box), box.made.build.back.way === 'rebate' ? hangSpan(box, inside)[0] : Infinity);

/** How high it is clear in a box up to the wall: under its top, or under what stands on edge there, or slopes along it. */
const clearUnder = (box: CabinetBox, inside: Inside): number =>
  Math.min(onEdgeFrom(box, inside), inside.top[0], slopeOver(box));

/** How high a shelf can lie under what slopes along a box, from side to side; nothing where nothing does. */
const slopeOver = (box: CabinetBox, { x, y } = clearOf(box)): number =>
  box.slant && isAlong(box.slant) ? headBefore(box.slant, x, y) : Infinity;

/** How far a shelf begins before the back: as high as a board on edge it begins before that. */
function shelfBefore(box: CabinetBox, inside: Inside, low: number): number {
  const { board: thick, shelf } = box.made.build;
  return low + shelf > onEdgeFrom(box, inside) ? thick : 0;
}

/** Shelves of what stands open, where its front shows them. */
function openShelves(box: CabinetBox, inside: Inside, middles: readonly number[]): Shelved {
  const { shelf, holes } = box.made.build;
  const levels = middles.map((middle) => middle - shelf / 2 - holes.size / 2);
  const shelves = middles.flatMap((middle) => {
    const low = middle - shelf / 2;
    return shelfAt(box, low, { back: 0, before: shelfBefore(box, inside, low) });
  });
  return {
    shelves,
    loose: shelves.length,
    holes: { left: holesAt(box, levels, 'right'), right: holesAt(box, levels, 'left') },
  };
}

/** What is in a compartment of a row of one's own: its shelves, on pins where they are even, bored where they lie where their heights are said. */
export function shelvedIn(box: CabinetBox, inside: Inside, { row, parts, x, z: span }: Cell): Shelved {
  const { shelf, holes: bored } = box.made.build;
  const { shelves: count, clear } = box.kind.rows?.[row.of ?? -1] ?? {};
  const on = (unders: readonly number[], levels: readonly number[], back?: number): Shelved => {
    const shelves = unders.flatMap((low) =>
      shelfAt(box, low, { x, back, before: shelfBefore(box, inside, low) }),
    );
    const holes = (face: 'left' | 'right') => holesAt(box, levels, face, x);
    return { shelves, loose: shelves.length, holes: { left: holes('right'), right: holes('left') } };
  };
  const onPins = (unders: readonly number[]) => unders.map((low) => low - bored.size / 2);
  if (row.shows === 'niche') {
    const open = parts
      .filter(({ shows, high }) => shows === 'shelf' && high <= span[1] + 1e-6)
      .map(({ low, high }) => (low + high) / 2 - shelf / 2);
    return on(open, onPins(open), 0);
  }
  if (row.shows !== 'door' && row.shows !== 'flap') return on([], []);
  if (clear) {
    let low = span[0];
    const unders = clear.flatMap((one) => {
      const under = low + one;
      low = under + shelf;
      return low < span[1] ? [under] : [];
    });
    return on(unders, onPins(unders));
  }
  const asked = count ?? countsOf({ ...box, shelves: undefined }, [{ span }])[0]!;
  if (asked === 0) return on([], []);
  const levels = holeLevels(box, row, span);
  const free = levels.filter(
    (at) => at + bored.size / 2 + shelf <= Math.min(clearUnder(box, inside), span[1]),
  );
  return on(placedAmong(box, span, asked, free), levels);
}

/** Kinds that have something else inside than shelves. */
const FILLED: ReadonlySet<string> = new Set([
  ...['base-corner-pull-out', 'base-sink', 'base-waste', 'tall-fridge', 'tall-garage', 'vanity-sink'],
]);

function countsOf(box: CabinetBox, stretches: readonly { span: Span }[]): number[] {
  const { kind, shelves } = box;
  const clear = ({ span: [low, high] }: { span: Span }) => high - low;
  if (shelves !== undefined) {
    const largest = stretches.reduce<number>(
      (best, one, index) => (clear(one) > clear(stretches[best]!) + 1e-6 ? index : best),
      0,
    );
    return stretches.map((_, index) => (index === largest ? shelves : 0));
  }
  if (FILLED.has(kind.id)) return stretches.map(() => 0);
  if (kind.id === 'tall-broom') return stretches.map(() => 1);
  return stretches.map((one) => USUAL.find(([over]) => clear(one) > over)?.[1] ?? 0);
}

/** The heights of the holes in a stretch: every so far, in line with the hinges of its doors, clear of their plates. */
function holeLevels(box: CabinetBox, row: Row, [low, high]: Span): number[] {
  const { pitch, size } = box.made.build.holes;
  const [from, to] = [low + Math.min(ROW_END, (high - low) / 4), high - Math.min(ROW_END, (high - low) / 4)];
  const hinges = box.cups.filter((cup) => cup > row.low && cup < row.high);
  const base = hinges[0] === undefined ? from : hinges[0] + PLATE;
  const first = base + Math.ceil((from - base) / pitch) * pitch;
  const levels: number[] = [];
  for (let at = first; at <= to + 1e-6; at += pitch) {
    const near = hinges.some((cup) =>
      [-PLATE, PLATE].some((by) => Math.abs(at - cup - by) < size + OFF_PLATE),
    );
    if (!near) levels.push(at);
  }
  return levels;
}

/** The undersides of shelves, on the pins nearest to where they would divide a stretch evenly. */
function placedAmong(box: CabinetBox, [low, high]: Span, count: number, holes: readonly number[]): number[] {
  const { shelf, holes: hole } = box.made.build;
  const found: number[] = [];
  for (let index = 1; index <= count; index++) {
    const wanted =
      box.kind.id === 'tall-broom' ? high - BROOM : low + ((high - low) * index) / (count + 1) - shelf / 2;
    const free = holes
      .map((at) => at + hole.size / 2)
      .filter(
        (under) =>
          box.cups.every((cup) => Math.abs(under + shelf / 2 - cup) >= OFF_HINGE) &&
          found.every((one) => Math.abs(one - under) > shelf + hole.size),
      );
    if (free.length === 0) continue;
    found.push(free.reduce((best, one) => (Math.abs(one - wanted) < Math.abs(best - wanted) ? one : best)));
  }
  return found.sort((a, b) => a - b);
}

/** A shelf at a height between two places across, so far back from the front of the box and so far before its back. */
function shelfAt(
  box: CabinetBox,
  low: number,
  {
    back = shelfBack(box),
    before = 0,
    x = clearOf(box).x,
  }: { back?: number | undefined; before?: number; x?: Span } = {},
): Board[] {
  const { shelf, shelves } = box.made.build;
  const { y } = clearOf(box);
  const found = board(
    'shelf',
    'shelf',
    { x: [x[0] + shelves.play, x[1] - shelves.play], y: [y[0] + before, y[1] - back], z: [low, low + shelf] },
    ['z', 'x'],
    { edged: ['front'] },
  );
  if (low + shelf > slopeOver(box)) return [];
  return box.slant ? found.flatMap((one) => slanted(one, box.slant!)) : found;
}

/** The middles of the two rows of holes of a box at a level and a place across, out of its back: before what slants behind a shelf there. */
function holeColumns(box: CabinetBox, x: number, z: number): number[] {
  const { y } = clearOf(box);
  const { holes, shelf } = box.made.build;
  const { edge, size } = holes;
  const back = Math.max(y[0], slantBack(box, [x, x], [z, z + size / 2 + shelf]));
  if (y[1] - back > 3 * edge) return [back + edge, y[1] - edge];
  return y[1] - back > size ? [(back + y[1]) / 2] : [];
}

function holesAt(
  box: CabinetBox,
  levels: readonly number[],
  face: 'left' | 'right',
  between = clearOf(box).x,
): Machining[] {
  const { made } = box;
  const { size, deep } = made.build.holes;
  const x = face === 'right' ? between[0] : between[1];
  return levels.flatMap((z) =>
    holeColumns(box, x, z).map((y): Machining => ({
      type: 'hole',
      face,
      at: { x, y, z },
      size,
      depth: Math.min(deep, made.build.board - 2),
    })),
  );
}

import type { FrontPart } from '../../solids/front-parts';
import { board, type Board, type Machining, type Span } from './board';
import {
  clearOf,
  insideOf,
  openingOf,
  railsFoot,
  type CabinetBox,
  type Inside,
  type Row,
} from './cabinet-box';
import { slanted } from './cut-slant';

/** What stands side by side with others in a row of a front: what is clear for it between the boards, and within the frame before those. */
export interface Cell {
  row: Row;
  parts: readonly FrontPart[];
  x: Span;
  opening: Span;
  z: Span;
}

/** The compartments of a row, from the left. */
export function cellsOf(box: CabinetBox, inside: Inside, row: Row): Cell[] {
  const { board: thick, frame } = box.made.build;
  const { x } = clearOf(box);
  const wide = frame?.wide ?? 0;
  const [low, high] = openingOf(box, inside, row);
  // What is let into a top has its rails on edge, and hangs down to their foot.
  const under = box.kind.own ? railsFoot(box) : high;
  const z: Span = [low, Math.max(low, Math.min(high, under))];
  const middles = middlesOf(row);
  const count = middles.length + 1;
  return Array.from({ length: count }, (_, index): Cell => {
    const [before, after] = [middles[index - 1], middles[index]];
    const from = before === undefined ? x[0] : before + thick / 2;
    const to = after === undefined ? x[1] : after - thick / 2;
    const open: Span = frame
      ? [
          before === undefined ? wide : before + wide / 2,
          after === undefined ? box.width - wide : after - wide / 2,
        ]
      : [from, to];
    return {
      ...{ row, x: [from, to], opening: open, z },
      parts: count === 1 ? row.parts : row.parts.filter(({ cell }) => cell === index),
    };
  });
}

/** Where the uprights between those side by side in a row stand: in the middle of the gaps between them. */
export function middlesOf({ parts }: Row): number[] {
  const ends = new Map<number, [number, number]>();
  for (const { cell, left, right } of parts) {
    if (cell === undefined) continue;
    const known = ends.get(cell);
    ends.set(cell, known ? [Math.min(known[0], left), Math.max(known[1], right)] : [left, right]);
  }
  const sorted = [...ends].sort(([a], [b]) => a - b).map(([, span]) => span);
  return sorted.slice(1).map(([left], index) => (sorted[index]![1] + left) / 2);
}

/** A board that stands between two compartments of a row, with what is bored into it from both. */
export interface Upright {
  one: Board;
  row: Row;
  /** The compartment at its left. */
  index: number;
}

/** The uprights of a box. What hangs a box with a thin back on the wall goes on behind them. */
export function uprightsOf(box: CabinetBox, inside: Inside, own: readonly Board[]): Upright[] {
  const { board: thick, frame } = box.made.build;
  const { y } = clearOf(box);
  return box.rows.flatMap((row) => {
    const middles = middlesOf(row);
    if (middles.length === 0) return [];
    const z = openingOf(box, inside, row);
    const clear = zoneOf(inside, z);
    const behind = own.filter(
      (one) => one.name === 'hang-rail' && one.z[1] > clear[0] + SAME && one.z[0] < clear[1] - SAME,
    );
    const from = Math.max(y[0], ...behind.map((one) => one.y[1]));
    // What is let into a top has its rails on edge: the upright ends under them.
    const rails = own.filter(({ name, thin }) => name.startsWith('rail-') && thin === 'y');
    const head = Math.min(clear[1], ...rails.map((rail) => rail.z[0]));
    return middles.flatMap((middle, index) =>
      board(
        'upright',
        'box',
        { x: [middle - thick / 2, middle + thick / 2], y: [from, y[1]], z: [clear[0], head] },
        ['x', 'z'],
        { edged: frame ? [] : ['front'] },
      )
        .flatMap((one) => (box.slant ? slanted(one, box.slant) : [one]))
        .map((one) => ({ one, row, index })),
    );
  });
}
const SAME = 1e-6;

/** The clear height between the boards that part a box which an opening is in. */
function zoneOf({ zones }: Inside, [low, high]: Span): Span {
  const middle = (low + high) / 2;
  const zone = zones.find((one) => one.low <= middle && middle <= one.high);
  return zone ? [zone.low, zone.high] : [low, high];
}

/** The depth of holes in a board that is bored from both of its faces: they do not meet. */
const HELD = 2;
export const fromBoth = (holes: readonly Machining[], thick: number): Machining[] =>
  holes.map((hole) =>
    'depth' in hole ? { ...hole, depth: Math.min(hole.depth, (thick - HELD) / 2) } : hole,
  );

/** Whether what stands side by side in a box has room between its boards. */
export function cellsFit(box: CabinetBox, least: number): boolean {
  if (box.rows.every(({ parts }) => parts.every(({ cell }) => cell === undefined))) return true;
  const inside = insideOf(box);
  return box.rows.every((row) => {
    const cells = cellsOf(box, inside, row);
    if (cells.length === 1) return true;
    const [low, high] = zoneOf(inside, cells[0]!.z);
    return (
      high - low >= least &&
      cells.every(({ x, opening }) => Math.min(x[1] - x[0], opening[1] - opening[0]) >= least)
    );
  });
}

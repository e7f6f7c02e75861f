import { board, type Board, type BoardFrame, type Span } from './board';
import type { CabinetBox, Row } from './cabinet-box';
import { middlesOf } from './compartments';

/** A side of a box that carries a frame: how long it is, what shows on it, where it is, and whether a stile stands at each of its ends. */
export interface FramedSide {
  long: number;
  rows: readonly Row[];
  /** How far in front of its own line the frame's face is, mm. */
  line: number;
  frame?: BoardFrame;
  stiles: { left: boolean; right: boolean };
}

/** The frame on a side of a box: stiles from top to bottom, rails between them, under, over and between the rows of the front. */
export function faceFrame({ made, foot, height }: CabinetBox, side: FramedSide): Board[] {
  const { frame } = made.build;
  if (!frame) return [];
  const { long, rows, line, stiles } = side;
  const { wide, thick } = frame;
  const own = side.frame && { frame: side.frame };
  const y: Span = [line - thick, line];
  const z: Span = [foot, height];
  const clear: Span = [stiles.left ? wide : 0, long - (stiles.right ? wide : 0)];
  const upright = (x: Span) => board('frame-stile', 'frame', { x, y, z }, ['y', 'z'], { ...own });
  const rail = (low: number) =>
    board('frame-rail', 'frame', { x: clear, y, z: [low, low + wide] }, ['y', 'x'], { ...own });
  const between = rows.slice(0, -1).map((row, index) => (row.low + rows[index + 1]!.high) / 2 - wide / 2);
  return [
    ...(stiles.left ? upright([0, wide]) : []),
    ...(stiles.right ? upright([long - wide, long]) : []),
    ...[foot, ...between, height - wide].flatMap(rail),
    // Between those side by side in a row a stile stands between its rails.
    ...rows.flatMap((row, index) => {
      const own: Span = [(between[index] ?? foot) + wide, between[index - 1] ?? height - wide];
      return middlesOf(row).flatMap((middle) =>
        board('frame-stile', 'frame', { x: [middle - wide / 2, middle + wide / 2], y, z: own }, ['y', 'z']),
      );
    }),
  ];
}

/** What closes the part of a box that is hidden in a corner: a panel behind the front, or within the frame with a stile beside it. */
export function blindPanel({ made, width, depth, height, foot, hidden }: CabinetBox): Board[] {
  if (!hidden) return [];
  const { board: thick, frame } = made.build;
  const flip = ([from, to]: Span): Span => (hidden.end === 'left' ? [from, to] : [width - to, width - from]);
  if (!frame) {
    const edged = [hidden.end === 'left' ? ('right' as const) : ('left' as const)];
    const x = flip([thick, hidden.width]);
    const z: Span = [foot + thick, height - thick];
    return board('blind-panel', 'end', { x, y: [depth - thick, depth], z }, ['y', 'z'], { edged });
  }
  const y: Span = [depth - frame.thick, depth];
  const z: Span = [foot, height];
  return [
    ...board('blind-panel', 'frame', { x: flip([frame.wide, hidden.width]), y, z }, ['y', 'z']),
    ...board('frame-stile', 'frame', { x: flip([hidden.width, hidden.width + frame.wide]), y, z }, [
      'y',
      'z',
    ]),
  ];
}

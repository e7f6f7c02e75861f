import type { BuildMethod } from '../../ranges/build-method';
import type { Slant } from '../../setting/slant';
import { board, type Board, type BoardFrame, type Span } from './board';
import type { CabinetBox, Row } from './cabinet-box';
import { middlesOf } from './compartments';
import { cutSlant } from './cut-slant';

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

/** What a slope along a box leaves of the frame before it, closed by a rail along it: between the stiles, and under what is left of the upper one. */
export function slopingFrame(
  boards: readonly Board[],
  { out, at }: Slant,
  { wide }: NonNullable<BuildMethod['frame']>,
): Board[] {
  const frame = boards.filter(({ of }) => of === 'frame');
  const reach = (axis: 'x' | 'z', by: number): Span => [
    Math.min(...frame.map((one) => one[axis][0])) + by,
    Math.max(...frame.map((one) => one[axis][1])) - wide,
  ];
  const [between, z] = [reach('x', wide), reach('z', 0)];
  // Where it runs out under the upper rail it ends blunt.
  const end = (at - wide - out.z * (z[1] - BLUNT)) / out.x;
  const x: Span =
    out.x < 0 ? [between[0], Math.min(between[1], end)] : [Math.max(between[0], end), between[1]];
  const rail = board('frame-rail', 'frame', { x, y: frame[0]!.y, z }, ['y', 'x']);
  // Of that what lies within its width of the slope.
  const along: Slant = { out: { x: -out.x, y: -out.y, z: -out.z }, at: wide - at };
  return cutSlant([...frame, ...cutSlant(rail, along)], { out, at });
}
/** No rail ends in a point: so high at least it is there, mm. */
const BLUNT = 2;

import type { LiningStyle } from '../document/limits';
import type { FixedRecord } from '../document/records';
import { FRONT, boardsUpright, type LeafBoard } from './door-styles';

/** Boards of a boarded lining, about so wide, with a groove between them; slats and the gaps between them, mm. */
const BOARDS = { board: 120, gap: 5, deep: 6 };
const SLATS = { board: 34, gap: 16, deep: 12 };
/** A panelled lining: its foot rail, its other rails and stiles, its panels about so wide, and how far they lie back. */
const FOOT = 140;
const RAIL = 90;
const PANEL = 460;
const SUNK = 9;
/** Higher than this there are two rows of panels, the lower one so high. */
const ONE_ROW = 1_500;
const LOWER = 860;

/** Whether a fixed thing is a lining with a front: one of an outline of its own is a plain body. */
export const isLined = ({ type, corners }: FixedRecord): boolean => type === 'lining' && !corners;
/** Which of its sides that is: the outline begins at its back. */
export const FRONT_SIDE = 2;

/** The boards on the face of a lining, as those of a front: from its low left corner, back from its face; none of a plain one. One definition for elevations and three dimensions. */
export function liningBoards(style: LiningStyle, wide: number, high: number): LeafBoard[] {
  const whole = { left: 0, right: wide, low: 0, high };
  switch (style) {
    case 'plain':
      return [];
    case 'boards':
      return boardsUpright(whole, BOARDS);
    case 'slatted':
      return boardsUpright(whole, SLATS);
    case 'boards-across':
      return boardsUpright({ left: 0, right: high, low: 0, high: wide }, BOARDS).map(lain);
    case 'panelled':
      return panelled(wide, high);
  }
}

/** A board of those side by side as one of those one over the other. */
const lain = ({ left, right, low, high, ...board }: LeafBoard): LeafBoard => ({
  ...board,
  ...{ left: low, right: high, low: left, high: right, across: true },
});

function panelled(wide: number, high: number): LeafBoard[] {
  const solid = { back: -FRONT, face: 0, of: 'front' } as const;
  const rows = rowsOf(high);
  const count = Math.max(1, Math.round((wide - RAIL) / (PANEL + RAIL)));
  const panel = (wide - RAIL * (count + 1)) / count;
  // Too narrow or too low for a frame.
  if (panel < RAIL || rows.some(([low, top]) => top - low < RAIL)) return [];
  const stiles = Array.from({ length: count + 1 }, (_, index): LeafBoard => {
    const left = index * (panel + RAIL);
    return { left, right: left + RAIL, low: 0, high, ...solid };
  });
  // Rails run between the stiles: below, between and over the rows.
  const edges = [0, ...rows.flat(), high];
  const fields = stiles.slice(0, -1).flatMap(({ right: left }, index) => {
    const right = stiles[index + 1]!.left;
    return Array.from({ length: edges.length - 1 }, (_, at): LeafBoard => {
      const [low, top] = [edges[at]!, edges[at + 1]!];
      return at % 2 === 0
        ? { left, right, low, high: top, ...solid, across: true }
        : { left, right, low, high: top, back: -FRONT, face: -SUNK, of: 'front', edged: true };
    });
  });
  return [...stiles, ...fields];
}

/** From where to where each row of panels goes, the lowest first. */
function rowsOf(high: number): [low: number, top: number][] {
  if (high <= ONE_ROW) return [[FOOT, high - RAIL]];
  return [
    [FOOT, LOWER],
    [LOWER + RAIL, high - RAIL],
  ];
}

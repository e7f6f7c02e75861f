import type { LeafBoard } from '../surfaces/door-styles';
import { box, grained, type Frame, type Mesh } from './mesh';

/** A board of a front, or of what lines a wall, with its grain along it: from where its own frame begins, mm. */
export function boardMesh(
  board: LeafBoard,
  frame: Frame,
  { left, low, face }: { left: number; low: number; face: number },
): Mesh {
  const mesh = box(
    frame,
    [left + board.left, left + board.right],
    [face + board.back, face + board.face],
    [low + board.low, low + board.high],
  );
  return board.across ? grained(mesh, [frame.u.x, frame.u.y, 0]) : mesh;
}

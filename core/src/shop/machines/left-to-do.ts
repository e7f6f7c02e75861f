import type { WorkPiece } from './work-piece';

/** What a router that works from above leaves to other machines and to hands: holes and grooves under the piece, holes in its edges, cuts along its edges, corners that a cutter leaves round. */
export interface LeftToDo {
  below: number;
  edgeHoles: number;
  edgeCuts: number;
  roundCorners: number;
}

export function leftToDo({ outline, up, down, edges, atEdges }: WorkPiece): LeftToDo {
  const inner = outline.filter((corner, index) => {
    const before = outline[(index + outline.length - 1) % outline.length]!;
    const after = outline[(index + 1) % outline.length]!;
    return (corner.x - before.x) * (after.y - corner.y) < (corner.y - before.y) * (after.x - corner.x) - 1e-9;
  });
  // A pocket has a round corner between every two of its sides that are closed.
  const pockets = up.pockets.reduce((sum, { at, size: [l, w] }) => {
    const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
    const across = [at.x > Math.min(...xs) + 1e-6, at.x + l < Math.max(...xs) - 1e-6].filter(Boolean).length;
    const along = [at.y > Math.min(...ys) + 1e-6, at.y + w < Math.max(...ys) - 1e-6].filter(Boolean).length;
    return sum + across * along;
  }, 0);
  return {
    below: down.bores.length + down.pockets.length,
    edgeHoles: edges.length,
    edgeCuts: Object.values(atEdges).reduce((sum, count) => sum + count, 0),
    roundCorners: inner.length + pockets,
  };
}

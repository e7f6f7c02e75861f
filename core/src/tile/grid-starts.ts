import { sizeAtEdge, within, type GridEdge, type Row } from './grid-edges';

/** Scores that differ by less than this are the same, mm. */
export const SAME_SCORE = 1e-9;

/** The narrowest row at any of some edges, tiles beginning at a start; of no edges a whole tile. */
export function scoreOf(edges: readonly GridEdge[], start: number, row: Row): number {
  let least = row.size;
  for (const edge of edges) least = Math.min(least, sizeAtEdge(edge, start, row));
  return least;
}

/** The starts of tiles, each below a tile and its joint, at which an edge comes to a tile's side: between them every size grows or shrinks evenly. */
export function breakPoints(edges: readonly GridEdge[], row: Row): number[] {
  return distinct(edges.flatMap(({ at }) => [at, at - row.size]).map((start) => within(start, row)));
}

export function distinct(numbers: readonly number[]): number[] {
  return numbers
    .toSorted((a, b) => a - b)
    .filter((one, index, all) => index === 0 || one - all[index - 1]! > SAME_SCORE);
}

/**
 * The start of tiles at which the narrowest row at any edge is widest. The sizes are even between break points and the widest narrowest one is at one of them, or where one that
 * grows and one that shrinks are the same: all are tried. Of several, the one whose other rows are wider.
 */
export function bestStart(edges: readonly GridEdge[], row: Row): { start: number; score: number } {
  const known = new Map(edges.map((edge) => [`${edge.side}${within(edge.at, row).toFixed(9)}`, edge]));
  const distinctEdges = [...known.values()];
  const starts = new Set([0, ...breakPoints(distinctEdges, row)]);
  const [low, high] = (['low', 'high'] as const).map((side) =>
    distinctEdges.filter((one) => one.side === side),
  );
  for (const { at: from } of low!)
    for (const { at: to } of high!)
      for (const half of [0, (row.size + row.joint) / 2])
        starts.add(within((from + to - row.size) / 2 + half, row));
  let best = { start: 0, score: -1, sizes: [] as number[] };
  for (const start of starts) {
    const score = scoreOf(distinctEdges, start, row);
    if (score < best.score - SAME_SCORE) continue;
    const sizes = distinctEdges.map((edge) => sizeAtEdge(edge, start, row)).sort((a, b) => a - b);
    if (score > best.score + SAME_SCORE || isWider(sizes, best.sizes)) best = { start, score, sizes };
  }
  return best;
}

/** Whether the first size that differs is wider. */
function isWider(sizes: readonly number[], others: readonly number[]): boolean {
  const at = sizes.findIndex((size, index) => Math.abs(size - others[index]!) > SAME_SCORE);
  return at >= 0 && sizes[at]! > others[at]!;
}

import { sizeAtEdge, within, type GridEdge, type Row } from './grid-edges';

/** Scores that differ by less than this are the same, mm. */
export const SAME_SCORE = 1e-9;

/** The narrowest row at any of some edges, tiles beginning at a start; of no edges a whole tile. Below what is enough any is told. */
export function scoreOf(edges: readonly GridEdge[], start: number, row: Row, enough = 0): number {
  let least = row.size;
  for (const edge of edges) {
    least = Math.min(least, sizeAtEdge(edge, start, row));
    if (least < enough) return least;
  }
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
 * The start of tiles at which the narrowest row at any edge is widest. Between two break points some sizes grow, the others shrink, all evenly: the widest narrowest one is at one of
 * them, or where the least that grows and the least that shrinks are the same. Of several, the one whose other rows are wider.
 */
export function bestStart(edges: readonly GridEdge[], row: Row): { start: number; score: number } {
  const known = new Map(edges.map((edge) => [`${edge.side}${within(edge.at, row).toFixed(9)}`, edge]));
  const distinctEdges = [...known.values()];
  const stops = distinct([0, ...breakPoints(distinctEdges, row)]);
  const starts = stops.flatMap((stop, index) => {
    const next = stops[index + 1] ?? row.size + row.joint;
    return [stop, stop + levelled(distinctEdges, stop, next - stop, row)];
  });
  let best = { start: 0, score: -1, sizes: [] as number[] };
  for (const start of starts) {
    const score = scoreOf(distinctEdges, start, row, best.score - SAME_SCORE);
    if (score < best.score - SAME_SCORE) continue;
    const sizes = distinctEdges.map((edge) => sizeAtEdge(edge, start, row)).sort((a, b) => a - b);
    if (score > best.score + SAME_SCORE || isWider(sizes, best.sizes)) best = { start, score, sizes };
  }
  return best;
}

/** How far on from a break point, at most to the next, the least size that grows is that of the least that shrinks. */
function levelled(edges: readonly GridEdge[], from: number, long: number, row: Row): number {
  let [growing, shrinking] = [Infinity, Infinity];
  const middle = from + long / 2;
  for (const edge of edges) {
    const size = sizeAtEdge(edge, middle, row);
    // In a joint it stays whole.
    if (size === row.size) continue;
    if (edge.side === 'low') growing = Math.min(growing, size);
    else shrinking = Math.min(shrinking, size);
  }
  if (growing === Infinity || shrinking === Infinity) return long / 2;
  return Math.max(0, Math.min(long, long / 2 + (shrinking - growing) / 2));
}

/** Whether the first size that differs is wider. */
function isWider(sizes: readonly number[], others: readonly number[]): boolean {
  const at = sizes.findIndex((size, index) => Math.abs(size - others[index]!) > SAME_SCORE);
  return at >= 0 && sizes[at]! > others[at]!;
}

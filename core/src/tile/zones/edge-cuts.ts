import { rememberOne } from '../../document/remember';
import { distance, dot, subtract, type Point } from '../../geometry/point';
import { boundsOf, forEachEdge, type Polygon } from '../../geometry/polygon';
import { seenEdges } from '../grid-edges';
import type { Laid, LaidPiece } from '../lay';

/** An edge of a zone, the zone to its left, mm: what is left of the tiles that it cuts, the narrowest and the widest across it, and how wide the widest of those is uncut; null where it cuts none. */
export interface ZoneEdgeCut {
  a: Point;
  b: Point;
  size: number | null;
  widest: number | null;
  whole: number | null;
}

/** A side of a piece lies on an edge within this, mm. */
const ON_EDGE = 1e-4;
/** Shorter edges are rounding, mm. */
const SHORT = 0.01;

/** An edge with what is asked of it for every piece. */
interface Line extends ZoneEdgeCut {
  u: Point;
  long: number;
  left: number;
  right: number;
  bottom: number;
  top: number;
}

/** The edges stay as they are while the field moves over them. */
const edgesOf = rememberOne(seenEdges);

/** The cuts at the edges of a zone that is laid, and the pieces that have one that is narrower than a limit, mm. */
export function edgeCuts(
  { pieces }: Laid,
  rings: readonly Polygon[],
  limit: number,
): { edges: ZoneEdgeCut[]; slivers: ReadonlySet<LaidPiece> } {
  const lines = edgesOf(rings).flatMap(({ a, b }): Line[] => {
    const long = distance(a, b);
    if (long < SHORT) return [];
    const u = { x: (b.x - a.x) / long, y: (b.y - a.y) / long };
    return [{ ...{ a, b, u, long, size: null, widest: null, whole: null }, ...boundsOf([a, b]) }];
  });
  const slivers = new Set<LaidPiece>();
  for (const piece of pieces) if (!piece.whole && cutAt(lines, piece) < limit) slivers.add(piece);
  return { edges: lines.map(({ a, b, size, widest, whole }) => ({ a, b, size, widest, whole })), slivers };
}

/** The narrowest a piece is across any edge that cuts it, mm; each of these is told. */
function cutAt(lines: readonly Line[], piece: LaidPiece): number {
  let narrowest = Infinity;
  for (const ring of piece.outline()) {
    const near = boundsOf(ring);
    for (const line of lines) {
      if (line.left > near.right + ON_EDGE || line.right < near.left - ON_EDGE) continue;
      if (line.bottom > near.top + ON_EDGE || line.top < near.bottom - ON_EDGE) continue;
      if (!liesAlong(ring, line)) continue;
      const across = Math.max(...ring.map((corner) => offOf(line, corner)));
      const uncut = piece.uncut().map((corner) => offOf(line, corner));
      const whole = Math.max(...uncut) - Math.min(...uncut);
      // One of which the edge takes nothing is cut elsewhere; a hair between two edges is rounding.
      if (across > whole - ON_EDGE || across < ON_EDGE) continue;
      line.size = Math.min(line.size ?? Infinity, across);
      line.widest = Math.max(line.widest ?? 0, across);
      line.whole = Math.max(line.whole ?? 0, whole);
      narrowest = Math.min(narrowest, across);
    }
  }
  return narrowest;
}

const offOf = ({ a, u }: Line, at: Point): number => {
  const off = subtract(at, a);
  return u.x * off.y - u.y * off.x;
};

/** Whether a side of a ring lies along an edge for more than a hair. */
function liesAlong(ring: Polygon, line: Line): boolean {
  let found = false;
  forEachEdge(ring, (a, b) => {
    if (found || Math.abs(offOf(line, a)) > ON_EDGE || Math.abs(offOf(line, b)) > ON_EDGE) return;
    const [from, to] = [a, b].map((end) => dot(subtract(end, line.a), line.u)) as [number, number];
    found = Math.min(to, line.long) - Math.max(from, 0) > SHORT;
  });
  return found;
}

import { rememberOne } from '../../document/remember';
import { distance, type Point } from '../../geometry/point';
import { boundsOf, type Bounds, type Polygon } from '../../geometry/polygon';
import type { Frame } from '../frame';
import { seenEdges } from '../grid-edges';
import type { Laid, LaidPiece } from '../lay';
import type { CellPiece } from '../pattern';

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

/** An edge of a zone with what is asked of it for every piece. */
class Line {
  readonly u: Point;
  readonly long: number;
  readonly bounds: Bounds;

  constructor(
    readonly a: Point,
    b: Point,
  ) {
    this.long = distance(a, b);
    this.u = { x: (b.x - a.x) / this.long, y: (b.y - a.y) / this.long };
    this.bounds = boundsOf([a, b]);
  }
}

/** The edges stay as they are while the field moves over them. */
const linesOf = rememberOne((rings: readonly Polygon[]) =>
  seenEdges(rings).filter(({ a, b }) => distance(a, b) >= SHORT),
);

/** What is found at an edge, mm. */
interface Found extends Pick<ZoneEdgeCut, 'size' | 'whole' | 'widest'> {
  /** How much there is of a piece of the cell across it when nothing is cut off. */
  uncut: Map<CellPiece, number>;
}

/** The cuts at the edges of a zone that is laid, and the pieces that have one that is narrower than a limit, mm. */
export function edgeCuts(
  { pieces }: Laid,
  rings: readonly Polygon[],
  limit: number,
): { edges: ZoneEdgeCut[]; slivers: ReadonlySet<LaidPiece> } {
  const stretches = linesOf(rings);
  const found: Found[] = [];
  const slivers = new Set<LaidPiece>();
  // In the pattern's frame, of which pieces that follow one another have the same, so that no outline is made anew.
  let frame: Frame | null = null;
  let lines: Line[] = [];
  for (const piece of pieces) {
    if (piece.whole) continue;
    if (frame !== piece.frame) {
      const framed = (frame = piece.frame);
      lines = stretches.map(({ a, b }) => new Line(framed.to(a), framed.to(b)));
    }
    if (cutAt(lines, piece, found) < limit) slivers.add(piece);
  }
  return {
    edges: stretches.map(({ a, b }, index) => {
      const { size = null, widest = null, whole = null } = found[index] ?? {};
      return { a, b, size, widest, whole };
    }),
    slivers,
  };
}

/** The narrowest a piece is across any edge that cuts it, mm; each of these is told. */
function cutAt(lines: readonly Line[], piece: LaidPiece, found: Found[]): number {
  let narrowest = Infinity;
  for (const ring of piece.framed()) {
    const { left, right, bottom, top } = boundsOf(ring);
    for (let index = 0; index < lines.length; index++) {
      const line = lines[index]!;
      const { bounds } = line;
      if (bounds.left > right + ON_EDGE || bounds.right < left - ON_EDGE) continue;
      if (bounds.bottom > top + ON_EDGE || bounds.top < bottom - ON_EDGE) continue;
      const across = acrossWhereAlong(ring, line);
      if (across === null) continue;
      const at = (found[index] ??= { size: null, widest: null, whole: null, uncut: new Map() });
      const whole = uncutAcross(piece, line, at);
      // One of which the edge takes nothing is cut elsewhere; a hair between two edges is rounding.
      if (across > whole - ON_EDGE || across < ON_EDGE) continue;
      at.size = Math.min(at.size ?? Infinity, across);
      at.widest = Math.max(at.widest ?? 0, across);
      at.whole = Math.max(at.whole ?? 0, whole);
      narrowest = Math.min(narrowest, across);
    }
  }
  return narrowest;
}

/** How much of a piece's uncut self there is across an edge, mm: as much wherever it lies. */
function uncutAcross(piece: LaidPiece, { u }: Line, { uncut }: Found): number {
  const known = uncut.get(piece.piece);
  if (known !== undefined) return known;
  const offs = piece.piece.ring.map(({ x, y }) => u.x * y - u.y * x);
  const whole = Math.max(...offs) - Math.min(...offs);
  uncut.set(piece.piece, whole);
  return whole;
}

/** How far off an edge a ring goes, mm, where a side of it lies along that for more than a hair; else null. */
function acrossWhereAlong(ring: Polygon, { a, u, long }: Line): number | null {
  let across = -Infinity;
  let found = false;
  const last = ring.at(-1)!;
  let from = u.x * (last.x - a.x) + u.y * (last.y - a.y);
  let off = u.x * (last.y - a.y) - u.y * (last.x - a.x);
  for (const { x, y } of ring) {
    const to = u.x * (x - a.x) + u.y * (y - a.y);
    const next = u.x * (y - a.y) - u.y * (x - a.x);
    if (!found && Math.abs(off) <= ON_EDGE && Math.abs(next) <= ON_EDGE)
      found = Math.min(to, long) - Math.max(from, 0) > SHORT;
    if (next > across) across = next;
    from = to;
    off = next;
  }
  return found ? across : null;
}

import type { Polygon } from '../geometry/polygon';
import { fewestCuts, type FramedGrid } from './fewest-cuts';
import { Frame } from './frame';
import { framedZone, gridEdges, type GridEdges } from './grid-edges';
import { bestStart, SAME_SCORE } from './grid-starts';
import type { TileSize } from './pattern';

/** A grid that is to be set out: along an angle, degrees, with one of some joints, mm. */
export interface GridQuestion {
  zone: readonly Polygon[];
  tile: TileSize;
  angle: number;
  joints: readonly number[];
  /** Scores above it, mm, are as good as it, and the fewest cuts decide. */
  limit?: number;
}

/** The best set-out of a grid with the joint it takes, mm. */
export interface BestGrid extends FramedGrid {
  joint: number;
}

/** The best set-out over all joints, the narrowest first where they are as good. */
export function bestGrid({ zone, tile, angle, joints, limit }: GridQuestion): BestGrid {
  const origin = { at: { x: 0, y: 0 }, angle };
  const framed = framedZone(zone, origin);
  const edges = gridEdges(framed);
  const frame = new Frame(origin);
  let found: BestGrid | null = null;
  for (const joint of joints) {
    const one =
      limit === undefined ? widest(edges, tile, joint) : fewestCuts({ framed, edges, tile, joint, limit });
    if (found === null || isBetter(one, found, limit))
      found = { ...one, offset: frame.from(one.offset), joint };
  }
  return found!;
}

function isBetter(one: FramedGrid, other: FramedGrid, limit = Infinity): boolean {
  const by = Math.min(one.best, limit) - Math.min(other.best, limit);
  if (Math.abs(by) > SAME_SCORE) return by > 0;
  if (!one.count || !other.count) return false;
  const cuts = one.count.cut - other.count.cut;
  return cuts < 0 || (cuts === 0 && one.count.whole < other.count.whole);
}

function widest(edges: GridEdges, tile: TileSize, joint: number): FramedGrid {
  const [x, y] = [bestStart(edges.x, { size: tile.w, joint }), bestStart(edges.y, { size: tile.h, joint })];
  return {
    best: Math.min(x.score, y.score),
    ...{ bestX: x.score, bestY: y.score, offset: { x: x.start, y: y.start } },
    proven: !edges.slanted,
  };
}

/** A bond that is to be set out: rows of tiles, each as far on as its place in a list says, mm, over and over again. */
export interface BondQuestion extends Omit<GridQuestion, 'limit'> {
  shifts: (joint: number) => readonly number[];
}

/**
 * The best set-out of a bond: the narrowest end of any row at any edge. At an edge as long as the rows take to begin again every row ends, wherever they lie, so that there it is one edge
 * for each row; a shorter one is taken for the same, which may be more than it needs: then it is not proven.
 */
export function bestBond({ zone, tile, angle, joints, shifts }: BondQuestion): BestGrid {
  const origin = { at: { x: 0, y: 0 }, angle };
  const edges = gridEdges(framedZone(zone, origin));
  const frame = new Frame(origin);
  let found: BestGrid | null = null;
  for (const joint of joints) {
    const rows = shifts(joint);
    const ends = edges.x.flatMap((edge) => rows.map((shift) => ({ ...edge, at: edge.at - shift })));
    const one = widest({ ...edges, x: ends }, tile, joint);
    const repeat = rows.length * (tile.h + joint);
    const proven = one.proven && edges.x.every(({ long }) => rows.length === 1 || long >= repeat);
    if (found === null || isBetter(one, found))
      found = { ...one, proven, offset: frame.from(one.offset), joint };
  }
  return found!;
}

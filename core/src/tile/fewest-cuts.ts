import type { Point } from '../geometry/point';
import type { Polygon } from '../geometry/polygon';
import { countTiles } from './count';
import { AT_TILE, within, type GridEdge, type GridEdges, type Row } from './grid-edges';
import { bestStart, breakPoints, distinct, SAME_SCORE, scoreOf } from './grid-starts';
import { lay } from './lay';
import { cellOf, type TileSize } from './pattern';
import { repeatOf } from './patterns';
import { ZoneEdges } from './zone-edges';

/** A set-out of a grid: the narrowest row at any edge, mm, over the edges across either way; where a tile's lower left corner is; whether no other can be better. */
export interface FramedGrid {
  best: number;
  bestX: number;
  bestY: number;
  offset: Point;
  proven: boolean;
  /** Where the fewest cuts decide. */
  count?: { whole: number; cut: number };
}

interface Question {
  framed: readonly Polygon[];
  edges: GridEdges;
  tile: TileSize;
  joint: number;
  limit: number;
}

/** So many counts of rows against rows are tried at most. */
const MOST_TRIED = 2e8;
/** So many starts, where every count is a laying. */
const MOST_LAID = 12;

/**
 * The set-out with fewest cut pieces, then fewest pieces, of those whose score is the best, or the limit where that is less. Which pieces are cut changes only where an edge comes to
 * a tile's side: every such start that scores enough and one between any two are tried, along by across. Proven where all edges lie along the grid.
 */
export function fewestCuts({ framed, edges, tile, joint, limit }: Question): FramedGrid {
  const rows = { x: { size: tile.w, joint }, y: { size: tile.h, joint } };
  const [x, y] = [bestStart(edges.x, rows.x), bestStart(edges.y, rows.y)];
  const enough = Math.min(limit, x.score, y.score);
  const starts = {
    x: [x.start, ...startsFrom(edges.x, rows.x, enough)],
    y: [y.start, ...startsFrom(edges.y, rows.y, enough)],
  };
  const counter = edges.slanted ? laidCount(framed, tile, joint) : gridCount(framed, rows, starts);
  const isAll = starts.x.length * starts.y.length <= counter.most;
  const most = isAll ? Infinity : Math.max(1, Math.floor(Math.sqrt(counter.most)));
  let found: FramedGrid | null = null;
  for (const atX of starts.x.slice(0, most))
    for (const atY of starts.y.slice(0, most)) {
      const count = counter.count(atX, atY);
      const best = found?.count;
      if (best && (count.cut > best.cut || (count.cut === best.cut && count.whole > best.whole))) continue;
      const [bestX, bestY] = [scoreOf(edges.x, atX, rows.x), scoreOf(edges.y, atY, rows.y)];
      const score = Math.min(bestX, bestY);
      if (best && count.cut === best.cut && count.whole === best.whole && score <= found!.best + SAME_SCORE)
        continue;
      found = {
        best: score,
        ...{ bestX, bestY, count, offset: { x: atX, y: atY }, proven: isAll && !edges.slanted },
      };
    }
  return found!;
}

/** The starts at which a count could change that score enough: break points, where a size comes to be enough, and one between any two of these. */
function startsFrom(edges: readonly GridEdge[], row: Row, enough: number): number[] {
  const limits = edges.map(({ at, side }) =>
    within(side === 'low' ? at - row.size + enough : at - enough, row),
  );
  const stops = distinct([0, ...breakPoints(edges, row), ...limits]);
  const module = row.size + row.joint;
  const between = stops.map((stop, index) => (stop + (stops[index + 1] ?? module)) / 2);
  return [...stops, ...between].filter((start) => scoreOf(edges, start, row) >= enough - SAME_SCORE);
}

interface Counter {
  /** So many pairs of starts can be tried. */
  most: number;
  count: (x: number, y: number) => { whole: number; cut: number };
}

function laidCount(framed: readonly Polygon[], tile: TileSize, joint: number): Counter {
  const cell = cellOf(repeatOf({ type: 'grid' }), tile, joint);
  return {
    most: MOST_LAID ** 2,
    count(x, y) {
      const laid = cell.ok ? lay(framed, cell.value, { at: { x, y }, angle: 0 }) : cell;
      return laid.ok ? countTiles(laid.value) : { whole: Infinity, cut: Infinity };
    },
  };
}

/** Rows that lie alike between the edges across them: from which stretch to which, and how many. */
interface Alike {
  from: number;
  to: number;
  many: number;
}

/** Counts by stretches between edges: rows and columns that lie in the same ones are counted once. */
function gridCount(
  framed: readonly Polygon[],
  rows: { x: Row; y: Row },
  starts: { x: readonly number[]; y: readonly number[] },
): Counter {
  const corners = framed.flat();
  const [xs, ys] = [stopsOf(corners.map(({ x }) => x)), stopsOf(corners.map(({ y }) => y))];
  const [wide, high] = [xs.length - 1, ys.length - 1];
  const zone = new ZoneEdges(framed, rows.x.size);
  // How many squares between edges lie in the zone, all from the first one up to each.
  const sums = Array.from({ length: wide + 1 }, () => new Int32Array(high + 1));
  for (let column = 0; column < wide; column++)
    for (let row = 0; row < high; row++) {
      const covered = zone.covers((xs[column]! + xs[column + 1]!) / 2, (ys[row]! + ys[row + 1]!) / 2);
      sums[column + 1]![row + 1] =
        sums[column]![row + 1]! + sums[column + 1]![row]! - sums[column]![row]! + (covered ? 1 : 0);
    }
  const alike = {
    x: new Map(starts.x.map((start) => [start, alikeFrom(start, rows.x, xs)])),
    y: new Map(starts.y.map((start) => [start, alikeFrom(start, rows.y, ys)])),
  };
  return {
    most: MOST_TRIED / ((2 * wide + 1) * (2 * high + 1)),
    count(x, y) {
      const count = { whole: 0, cut: 0 };
      for (const column of alike.x.get(x)!)
        for (const row of alike.y.get(y)!) {
          const [left, right] = [Math.max(column.from, 0), Math.min(column.to, wide - 1) + 1];
          const [bottom, top] = [Math.max(row.from, 0), Math.min(row.to, high - 1) + 1];
          const covered =
            sums[right]![top]! - sums[left]![top]! - sums[right]![bottom]! + sums[left]![bottom]!;
          if (covered === 0) continue;
          const all = (column.to - column.from + 1) * (row.to - row.from + 1);
          count[covered === all ? 'whole' : 'cut'] += column.many * row.many;
        }
      return count;
    },
  };
}

const stopsOf = (all: readonly number[]): number[] =>
  all
    .toSorted((a, b) => a - b)
    .filter((one, index, sorted) => index === 0 || one - sorted[index - 1]! > AT_TILE);

/** The rows between the first and the last edge. */
function alikeFrom(start: number, { size, joint }: Row, stops: readonly number[]): Alike[] {
  const module = size + joint;
  const [first, last] = [stops[0]!, stops.at(-1)!];
  const found = new Map<string, Alike>();
  /** The stretch a place lies in: -1 before all, as many as there are after them. */
  const stretch = (at: number) => stops.findIndex((stop) => stop > at) - 1;
  const beyond = stops.length - 1;
  for (let at = start + Math.floor((first - start) / module) * module; at < last - AT_TILE; at += module) {
    if (at + size <= first + AT_TILE) continue;
    const from = at + AT_TILE < first ? -1 : stretch(at + AT_TILE);
    const to = at + size - AT_TILE >= last ? beyond : stretch(at + size - AT_TILE);
    const key = `${from} ${to}`;
    const alike = found.get(key);
    if (alike) alike.many += 1;
    else found.set(key, { from, to, many: 1 });
  }
  return [...found.values()];
}

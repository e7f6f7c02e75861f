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
/** Where the edges part the zone in more squares than this, or one is slanted, every count is a laying: of so many pairs of starts at most. */
const MOST_SQUARES = 40_000;
const MOST_LAID = 36;
/** And of fewer, the more edges there are: so many edges in all. */
const MOST_EDGES = 5_000;

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
  const isPlain = !edges.slanted && edges.x.length * edges.y.length <= MOST_SQUARES;
  const counter = isPlain ? gridCount(framed, rows, starts) : laidCount(framed, tile, joint);
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
  return [...stops, ...between].filter(
    (start) => scoreOf(edges, start, row, enough - SAME_SCORE) >= enough - SAME_SCORE,
  );
}

interface Counter {
  /** So many pairs of starts can be tried. */
  most: number;
  count: (x: number, y: number) => { whole: number; cut: number };
}

function laidCount(framed: readonly Polygon[], tile: TileSize, joint: number): Counter {
  const cell = cellOf(repeatOf({ type: 'grid' }), tile, joint);
  return {
    most: Math.max(1, Math.min(MOST_LAID, MOST_EDGES / framed.flat().length)),
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
      const [x, y] = [(xs[column]! + xs[column + 1]!) / 2, (ys[row]! + ys[row + 1]!) / 2];
      const covered = zone.covers({ x, y });
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

/** The rows between the first and the last edge: those an edge goes through one by one, and how many lie between two edges. */
function alikeFrom(start: number, { size, joint }: Row, stops: readonly number[]): Alike[] {
  const module = size + joint;
  const found: Alike[] = [];
  let last = -Infinity;
  for (const [index, stop] of stops.entries()) {
    const row = Math.floor((stop - start) / module);
    const [low, high] = [start + row * module, start + row * module + size];
    if (row !== last && low < stop - AT_TILE && high > stop + AT_TILE) {
      last = row;
      let to = index;
      while (to + 1 < stops.length && high > stops[to + 1]! + AT_TILE) to += 1;
      found.push({ from: index - 1, to, many: 1 });
    }
    const next = stops[index + 1];
    if (next === undefined) continue;
    const first = Math.ceil((stop - AT_TILE - start) / module);
    const end = Math.floor((next + AT_TILE - size - start) / module);
    if (end >= first) found.push({ from: index, to: index, many: end - first + 1 });
  }
  return found;
}

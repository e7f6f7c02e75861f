import type { Point } from '../../geometry/point';
import { boundsOf, signedArea } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { bestGrid } from '../best-grid';
import { countTiles, type TileCount } from '../count';
import type { Origin } from '../frame';
import { AT_TILE, endSizes, framedZone, gridEdges } from '../grid-edges';
import { lay, MOST_PIECES } from '../lay';
import { adhesiveFor, groutOfJoints, groutPerArea } from '../materials';
import { planOffcuts } from '../offcuts/offcuts';
import type { Nested } from '../offcuts/piece-types';
import { cellOf, type TileSize } from '../pattern';
import { repeatOf } from '../patterns';
import type { LayingCase, MaterialCase, OffcutCase, TileCase } from './tile-case';

/** The cuts at the edges of a rectangle, mm. */
export type EdgeCuts = Record<'left' | 'right' | 'bottom' | 'top', number>;

export type PlainTile = { id: string } & (
  | (TileCount & { edgeCuts: EdgeCuts | null })
  | {
      best: number;
      bestX: number;
      bestY: number;
      offset: [number, number];
      joint: number;
      proven: boolean;
      whole?: number;
      cut?: number;
    }
  | { tiles: number; from: readonly (readonly Nested[])[]; proven: boolean }
  | { kgPerM2: number; kg: number }
  | { litres: number; kg: number }
  | { kg?: number; bags: number }
);

/** Answers a case by itself. */
export function plainTile(one: TileCase): Result<PlainTile> {
  if ('laying' in one) return 'joints' in one.laying.asked ? setOut(one.laying) : laid(one.laying);
  if ('offcuts' in one) return cut(one.offcuts);
  return ok({ id: one.material.id, ...materialOf(one.material) });
}

function laid({ id, zone, pattern, tile, angle, asked }: LayingCase): Result<PlainTile> {
  const { joint, origin } = asked as { joint: number; origin: Point };
  const cell = cellOf(repeatOf(pattern), tile, joint);
  if (!cell.ok) return cell;
  const at: Origin = { at: origin, angle };
  const made = lay(zone, cell.value, at);
  if (!made.ok) return made;
  const edgeCuts = pattern.type === 'grid' ? edgeCutsOf(zone, at, tile, joint) : null;
  return ok({ id, ...countTiles(made.value), edgeCuts });
}

/** The cuts at the edges of a zone that is a rectangle along the grid, named as it lies in the zone's places where it lies along these; null of any other. */
function edgeCutsOf(
  zone: readonly Point[][],
  origin: Origin,
  tile: TileSize,
  joint: number,
): EdgeCuts | null {
  const framed = framedZone(zone, origin);
  const edges = gridEdges(framed);
  const { left, right, bottom, top } = boundsOf(framed.flat());
  const isSide = (at: number, low: number, high: number) =>
    Math.min(Math.abs(at - low), Math.abs(at - high)) <= AT_TILE;
  const isRectangle =
    zone.length === 1 &&
    !edges.slanted &&
    edges.x.every(({ at }) => isSide(at, left, right)) &&
    edges.y.every(({ at }) => isSide(at, bottom, top));
  if (!isRectangle) return null;
  const [fromLeft, fromRight] = endSizes([left, right], 0, { size: tile.w, joint });
  const [fromBottom, fromTop] = endSizes([bottom, top], 0, { size: tile.h, joint });
  const sides = [fromLeft, fromBottom, fromRight, fromTop];
  const quarters = origin.angle / 90;
  const turned = Number.isInteger(quarters) ? ((quarters % 4) + 4) % 4 : 0;
  // The left of the grid is at the bottom of the zone once it is turned by a quarter.
  const at = (side: number) => sides[(side - turned + 4) % 4]!;
  return { left: at(0), bottom: at(1), right: at(2), top: at(3) };
}

function setOut({ id, zone, tile, angle, asked }: LayingCase): Result<PlainTile> {
  const question = asked as { joints: number[]; limit?: number };
  const area = zone.reduce((sum, ring) => sum + signedArea(ring), 0);
  const pieces = Math.ceil(area / (tile.w * tile.h));
  if (question.limit !== undefined && pieces > MOST_PIECES)
    return refuse('tiles-too-many', { count: pieces, most: MOST_PIECES });
  const { offset, count, ...found } = bestGrid({ zone, tile, angle, ...question });
  return ok({ id, ...found, offset: [offset.x, offset.y], ...count });
}

function cut({ id, pieces, tile, reuse }: OffcutCase): Result<PlainTile> {
  const plan = planOffcuts(pieces, tile, reuse);
  if (!plan.ok) return plan;
  const { tiles, proven } = plan.value;
  return ok({ id, tiles: tiles.length, from: tiles, proven });
}

function materialOf(one: MaterialCase) {
  if ('jointArea' in one) return groutOfJoints(one.jointArea, one);
  if (one.material === 'grout') {
    const kgPerM2 = groutPerArea(one);
    return { kgPerM2, kg: kgPerM2 * one.area };
  }
  return adhesiveFor(one.area, one.backButter, one);
}

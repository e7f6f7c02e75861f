import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { ok, type Result } from '../../result';
import { bestGrid } from '../best-grid';
import { countTiles, type TileCount } from '../count';
import type { Origin } from '../frame';
import { AT_TILE, endSizes, framedZone, gridEdges } from '../grid-edges';
import { lay } from '../lay';
import { adhesiveFor, groutOfJoints, groutPerArea } from '../materials';
import { planOffcuts } from '../offcuts/offcuts';
import type { Nested } from '../offcuts/piece-types';
import { cellOf, type TileSize } from '../pattern';
import { repeatOf } from '../patterns';
import type { LayingCase, MaterialCase, OffcutCase, SetOutCase, TileCase } from './tile-case';

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
  switch (one.asked) {
    case 'laying':
      return laid(one);
    case 'set-out':
      return setOut(one);
    case 'offcuts':
      return cut(one);
    case 'material':
      return ok({ id: one.id, ...materialOf(one) });
  }
}

function laid({ id, zone, pattern, tile, angle, joint, origin }: LayingCase): Result<PlainTile> {
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

function setOut({ id, zone, tile, angle, joints, limit }: SetOutCase): Result<PlainTile> {
  const { offset, count, ...found } = bestGrid({
    ...{ zone, tile, angle, joints },
    ...(limit === undefined ? {} : { limit }),
  });
  const answer = { id, ...found, offset: [offset.x, offset.y] as [number, number] };
  if (!count) return ok(answer);
  const cell = cellOf(repeatOf({ type: 'grid' }), tile, found.joint);
  const made = cell.ok ? lay(zone, cell.value, { at: offset, angle }) : cell;
  if (!made.ok) return made;
  const { whole, cut } = countTiles(made.value);
  return ok({ ...answer, whole, cut });
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

import type { ZoneRecord } from '../../document/records';
import type { Point } from '../../geometry/point';
import type { Polygon } from '../../geometry/polygon';
import { Frame } from '../frame';
import { scoreOf } from '../grid-starts';
import { choiceOf, layZone, originOf, zoneCell } from './zone-laying';
import { rowsOf, zoneRows } from './zone-rows';

/** The whole repeat of a pattern as a map of how good each offset is: the narrowest cut, mm, row by row from the first offset on. */
export interface OffsetMap {
  columns: number;
  rows: number;
  /** The two ways over the repeat, in the zone's places, mm; the map begins at the zone's own places' zero. */
  a: Point;
  b: Point;
  values: number[];
}

/** So many offsets each way where an offset is judged by its edges alone, and where it has to be laid. */
const FINE = 48;
const COARSE = 14;

/** The repeat a map shows: of rows a tile and its joint each way, though rows begin elsewhere again only after several. */
export function mapWays(zone: ZoneRecord): [Point, Point] | null {
  const cell = zoneCell(zone);
  if (!cell.ok) return null;
  const frame = new Frame({ at: { x: 0, y: 0 }, angle: originOf(zone).angle });
  const { tile, joint } = zone;
  const rows = rowsOf(choiceOf(zone.pattern, tile, joint), tile.w + joint);
  const [a, b] = rows
    ? [
        { x: tile.w + joint, y: 0 },
        { x: 0, y: tile.h + joint },
      ]
    : [cell.value.a, cell.value.b];
  return [frame.from(a), frame.from(b)];
}

/** Maps a zone row by row; each row is told, so that it is seen as it grows and can be ended. */
export function* mapOffsets(zone: ZoneRecord, rings: readonly Polygon[]): Generator<OffsetMap, void> {
  const ways = mapWays(zone);
  if (!ways) return;
  const [a, b] = ways;
  const { tile, joint } = zone;
  const inRows = zoneRows(zone, rings);
  const byEdges = inRows?.slanted ? null : inRows;
  const side = byEdges ? FINE : COARSE;
  const values: number[] = [];
  const known = { columns: side, rows: side, a, b };
  const across = byEdges
    ? Array.from({ length: side }, (_, column) =>
        scoreOf(byEdges.ends, (column / side) * (tile.w + joint), byEdges.along),
      )
    : [];
  for (let row = 0; row < side; row++) {
    for (let column = 0; column < side; column++) {
      if (byEdges) {
        const up = scoreOf(byEdges.sides, (row / side) * (tile.h + joint), byEdges.up);
        values.push(Math.min(across[column]!, up));
        continue;
      }
      const [i, k] = [column / side, row / side];
      const tiled = layZone({ ...zone, origin: { x: i * a.x + k * b.x, y: i * a.y + k * b.y } }, rings);
      values.push(tiled.ok ? (tiled.value.narrowest ?? Math.min(tile.w, tile.h)) : 0);
    }
    yield { ...known, values: [...values] };
  }
}

/** Where on a map an origin of a zone lies: shares of both ways, each from 0 to less than 1. */
export function onMap(
  zone: ZoneRecord,
  { a, b }: Pick<OffsetMap, 'a' | 'b'>,
  origin: Point,
): [number, number] {
  const turn = a.x * b.y - a.y * b.x;
  const [i, k] = [(origin.x * b.y - origin.y * b.x) / turn, (a.x * origin.y - a.y * origin.x) / turn];
  const module = zone.tile.w + zone.joint;
  const rows = rowsOf(choiceOf(zone.pattern, zone.tile, zone.joint), module) ?? [0];
  // So many rows up it is the row before those that begins there.
  const row = -Math.floor(k) % rows.length;
  const shift = rows[(row + rows.length) % rows.length]! / module;
  return [share(i + shift), share(k)];
}

const share = (value: number): number => value - Math.floor(value);

import type { ZoneRecord } from '../../document/records';
import { remember } from '../../document/remember';
import { boundsOf, type Bounds, type Polygon } from '../../geometry/polygon';
import { Frame } from '../frame';
import { gridEdges, type LongEdge, type Row } from '../grid-edges';
import type { PatternChoice } from '../patterns';
import { choiceOf, originOf } from './zone-laying';

/** A zone that is laid in rows, in the places of its pattern turned about the zone's zero. */
export interface ZoneRows {
  /** How far each row is moved on, mm, over and over again. */
  shifts: readonly number[];
  /** Tiles in a row, and rows. */
  along: Row;
  up: Row;
  frame: Frame;
  bounds: Bounds;
  /** The edges across the rows: for each row, as if it began where the first does. */
  ends: readonly LongEdge[];
  /** The edges along them. */
  sides: readonly LongEdge[];
  /** Whether other edges lie along neither way. */
  slanted: boolean;
}

/** The rows of a zone; null where its pattern lies in none. The same while only its origin changes. */
export function zoneRows(zone: ZoneRecord, rings: readonly Polygon[]): ZoneRows | null {
  const { tile, joint } = zone;
  const shifts = rowsOf(choiceOf(zone.pattern, tile, joint), tile.w + joint);
  return (
    shifts && rowsIn(rings, { shifts, tile: { w: tile.w, h: tile.h }, joint, angle: originOf(zone).angle })
  );
}

interface Laying extends Pick<ZoneRows, 'shifts'> {
  tile: { w: number; h: number };
  joint: number;
  /** Degrees. */
  angle: number;
}

const rowsIn = remember((rings: readonly Polygon[], { shifts, tile, joint, angle }: Laying): ZoneRows => {
  const frame = new Frame({ at: { x: 0, y: 0 }, angle });
  const framed = rings.map((ring) => ring.map((corner) => frame.to(corner)));
  const { x, y, slanted } = gridEdges(framed);
  return {
    ...{ shifts, frame, slanted, bounds: boundsOf(framed.flat()) },
    ...{ along: { size: tile.w, joint }, up: { size: tile.h, joint } },
    ...{ ends: ofEveryRow(x, shifts), sides: y },
  };
});

/** Edges and other places along rows, for each row as if it began where the first does. */
export const ofEveryRow = <E extends { at: number }>(edges: readonly E[], shifts: readonly number[]): E[] =>
  edges.flatMap((edge) => shifts.map((shift) => ({ ...edge, at: edge.at - shift })));

/** How far each row of a bond lying along is moved on, mm, over and over again; null for what is laid in no such rows. */
export function rowsOf(choice: PatternChoice, module: number): readonly number[] | null {
  if (choice.type === 'grid') return [0];
  if (choice.type === 'plank') return choice.stagger;
  if (choice.type !== 'running') return null;
  const [n, d] = choice.offset;
  return Array.from({ length: d }, (_, row) => (((((row * n) % d) + d) % d) / d) * module);
}

import type { Point } from '../geometry/point';
import { forEachEdge, signedArea, type Polygon } from '../geometry/polygon';
import type { CeilingPlane } from '../survey/ceiling';
import type { ItemBox } from '../setting/item-box';
import type { FrontPart } from './front-parts';

/** An upright side of a body: its ends in plan as they are seen from outside it, left to right, and what shows on it. */
export interface SolidSide {
  from: Point;
  to: Point;
  parts: readonly FrontPart[];
  /** Whether it is a front, worked at or opened. */
  front: boolean;
  /** Of a wall under a sloped ceiling: how high it stands over those ends. */
  tops?: readonly [number, number];
  /** At which of those ends no edge shows, because the body goes on smoothly. */
  smooth?: { from: boolean; to: boolean };
}

/** A body between two heights, mm: what is seen, drawn and cut in every view. */
export interface Solid {
  /** The record it is of: of a wall its face; of a top, what belongs to it and a trim the first item that carries it. */
  id: string;
  of: 'fixed' | 'item' | 'plinth' | 'splash' | 'top' | 'trim' | 'wall' | 'waterfall';
  /** Of an item that stands on a plinth: how high its box begins over its underside. */
  foot?: number;
  /** Of a top, what stands on it and what goes down from it: the items that carry it. */
  carriers?: readonly string[];
  /** The item it is of. */
  box: ItemBox | null;
  footprint: Polygon;
  low: number;
  high: number;
  sides: readonly SolidSide[];
  /** Of a layer of something shaped: whether it goes on below and above it without an edge. */
  goesOn?: { below: boolean; above: boolean };
  /** Of an item cut to a ceiling that slopes over its back: the plane it stays under. */
  slope?: CeilingPlane;
  /** Whether its sides are those of something round: no edge shows between them. */
  round: boolean;
}

/** The upright sides of a body on which nothing shows. */
export function plainSides(ring: Polygon): SolidSide[] {
  const clockwise = signedArea(ring) < 0;
  const sides: SolidSide[] = [];
  forEachEdge(ring, (a, b) =>
    sides.push({ from: clockwise ? b : a, to: clockwise ? a : b, parts: [], front: false }),
  );
  return sides;
}

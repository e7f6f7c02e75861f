import type { ViewLayer } from '../document/limits';
import type { Point } from '../geometry/point';
import type { Typeface } from './typefaces';

/** What a mark is drawn in; renderers turn inks into colours. */
export type Ink = 'drawing' | 'measure' | 'faint' | 'poche' | 'paper' | 'top' | 'item' | 'water';

/** What a mark belongs to; views switch layers on and off, exports keep them. */
export type Layer = ViewLayer | 'sheet';

interface Mark {
  layer: Layer;
  /** The record it draws, for picking. */
  source?: string;
  /** Of the line, a tick or an extension line of dimensions: each of those has its own where dimensions are things (DXF). */
  ofDimensions?: true;
  /** A stroke of a hatch. */
  ofHatch?: true;
}

/** What a figure measures: the places it is of, and the ends of the line it stands on; mm of the drawing. */
export interface Measured {
  from: Point;
  to: Point;
  line: readonly [Point, Point];
  of: MeasuredThings;
}

/** The records whose ends, or middles, a length lies between, and those that lie wholly before and after it along the same line. */
export interface Between {
  from: readonly string[];
  to: readonly string[];
  before: readonly string[];
  after: readonly string[];
  /** Which of its ends are walls, the floor or the ceiling: what is there can't be moved for it. */
  held: readonly ('from' | 'to')[];
}

/** What of the room a figure measures: how long it is, mm, the way it runs from its first end to its second, in plan or up (null where that bends), the row it stands in and which figure of that it is. */
export interface MeasuredThings extends Between {
  length: number;
  way: Point | 'up' | null;
  row: string;
  figure?: string;
}

/** Rings or open lines. Points in the drawing's own millimetres; line weight and dashes in paper millimetres. */
export interface PathMark extends Mark {
  type: 'path';
  rings: readonly (readonly Point[])[];
  closed: boolean;
  /** 0 for no line. */
  weight: number;
  ink: Ink;
  dash?: readonly number[];
  fill?: Ink;
}

/** Part of a circle from angle `from`, counter-clockwise by `sweep` radians; a whole circle for 2π. */
export interface ArcMark extends Mark {
  type: 'arc';
  centre: Point;
  radius: number;
  from: number;
  sweep: number;
  weight: number;
  ink: Ink;
  dash?: readonly number[];
  fill?: Ink;
}

/** A piece of a line of words, some of which are bold: all of its pieces, which it is, and where the line is held. */
export interface LinePiece {
  pieces: readonly { text: string; bold: boolean }[];
  index: number;
  anchor: TextMark['anchor'];
}

/** One line of text, its middle height at `at`; size in paper millimetres (cap height about 0.69 of it). */
export interface TextMark extends Mark {
  type: 'text';
  at: Point;
  text: string;
  size: number;
  anchor: 'start' | 'middle' | 'end';
  /** Direction of the line of text, radians. */
  turn: number;
  ink: Ink;
  bold?: boolean;
  /** The plain one unless given. */
  typeface?: Typeface;
  /** Of one that is not a whole line: the line, and which of its pieces it is. */
  piece?: LinePiece;
  /** Stands on a ground of the paper's colour, so that no line runs through it. */
  ground?: boolean;
  measured?: Measured;
  /** What it goes by in the record of where a person has put it, where it finds its own place. */
  label?: string;
}

/** One mark of a drawing: every view and export is a list of these. */
export type Primitive = PathMark | ArcMark | TextMark;

/** What a drawing is for: on paper everything is told, wherever it must stand; on a screen what has no room near its place is left to a closer look. */
export type Medium = 'paper' | 'screen';

/** Line weights, paper mm. */
export const WEIGHT = { cut: 0.5, object: 0.35, top: 0.25, thin: 0.18 } as const;
/** Text sizes, paper mm: capitals of the smallest are 1.8 high (ISO 3098). */
export const TEXT = { small: 2.65, normal: 2.7, figure: 3.6, title: 4.2 } as const;
export const DASH = [1.2, 0.8] as const;

export function line(
  layer: Layer,
  points: readonly Point[],
  weight: number,
  ink: Ink,
  dash?: readonly number[],
): PathMark {
  return { type: 'path', layer, rings: [points], closed: false, weight, ink, ...(dash ? { dash } : {}) };
}

export function outline(
  layer: Layer,
  points: readonly Point[],
  weight: number,
  ink: Ink,
  fill?: Ink,
): PathMark {
  return { type: 'path', layer, rings: [points], closed: true, weight, ink, ...(fill ? { fill } : {}) };
}

import { rememberOne } from '../../document/remember';
import { add, place, scale, subtract, type Point } from '../../geometry/point';
import { boxAt, textBox, type Box } from '../labels/box';
import {
  line,
  TEXT,
  WEIGHT,
  type Measured,
  type PathMark,
  type Primitive,
  type TextMark,
} from '../primitives';
import { CAP_HEIGHT, textWidth } from '../text-layout';
import type { ChainLink } from './chains';
import { figureOf, type FigureWay } from './row-ways';

/** Distances of rows of dimensions, paper mm: the first from what it is of, and from one to the next. */
export const FIRST_ROW = 7;
export const ROW = 6;
/** How far extension lines begin off what they are of, paper mm. */
export const GAP = 1.5;
/** Rows that would lie over something else climb by so much at a time, at most so often, paper mm. */
export const CLIMB = 1;
export const MOST_CLIMBS = 400;
/** From level to level of figures that do not fit on their lengths. */
const LEVEL = 3.3;
export const TICK = 0.9;
export const OVERSHOOT = 1.2;
/** A figure that does not stand on its length is led to from so far over that to so far under it, paper mm. */
const LEAD = 0.4;
const FROM_FIGURE = 1.5;
/** Between figures and the line they stand on, and how high their middle stands over it at the least, paper mm. */
const OVER = 1.1;
const LIFT = 2.1;

/** A line of dimensions in its place. Points and lengths in the drawing's mm. */
export interface DimensionRow {
  links: readonly ChainLink[];
  /** Where its line begins, and the ways it runs and its figures stand. */
  at: Point;
  along: Point;
  out: Point;
  /** Where the extension line of each end begins; null where it has none. */
  feet: readonly (Point | null)[];
  /** The direction its figures are written in, radians. */
  turn: number;
  /** How far out each figure stands: 0 on its own length. */
  levels: readonly number[];
  /** Size of the figures, paper mm. */
  size: number;
  scale: number;
  source?: string;
  /** The way it runs in the room; null where that bends. */
  way: Point | 'up' | null;
  /** What the row goes by on its drawing. */
  row: string;
  /** What was said of its figures one by one. */
  said?: readonly (FigureWay | undefined)[] | undefined;
}

/** Figures that all fit on their lengths are larger. */
export function figureSize(links: readonly ChainLink[], scaleBy: number): number {
  const fit = links.every(({ from, to, text }) => textWidth(text, TEXT.figure) + 2 <= (to - from) / scaleBy);
  return fit ? TEXT.figure : TEXT.normal;
}

/** How wide the figure of a link is on paper, mm; a link stays as it is as long as nothing changes it. */
export function widthOf(link: ChainLink): number {
  let wide = widths.get(link);
  if (wide === undefined) widths.set(link, (wide = textWidth(link.text, TEXT.normal)));
  return wide;
}
const widths = new WeakMap<ChainLink, number>();

/** Where figures stand along rows that lie on one line: a stretch of it at each level, paper mm. */
export interface LevelTaken {
  /** Whether a stretch is free there; it is taken then. */
  take(level: number, from: number, to: number): boolean;
}

/** How far out each figure of a row stands: 0 on its own length; one that does not fit there climbs until it is clear of all others. `start` is where the row begins along the line, paper mm. */
export function levelsOf(
  links: readonly ChainLink[],
  { size, scale, start, taken }: { size: number; scale: number; start: number; taken: LevelTaken },
): number[] {
  if (size === TEXT.figure) return links.map(() => 0);
  return links.map((link) => {
    const half = (widthOf(link) + 1) / 2;
    if (2 * half <= (link.to - link.from) / scale) return 0;
    const centre = start + (link.from + link.to) / 2 / scale;
    let level = 1;
    while (!taken.take(level, centre - half, centre + half)) level += 1;
    return level;
  });
}

/** What is taken along one row. */
export function levelTaken(): LevelTaken {
  const spans = new Map<number, [number, number][]>();
  return {
    take(level, from, to) {
      const there = spans.get(level) ?? [];
      if (there.some(([a, b]) => a < to && b > from)) return false;
      spans.set(level, [...there, [from, to]]);
      return true;
    },
  };
}

/** How high a row is with its figures, paper mm. */
export const rowHeight = (size: number, levels: readonly number[]): number =>
  Math.max(ROW, size * CAP_HEIGHT + 2 * OVER + 1.6) + LEVEL * Math.max(0, ...levels);

/** How high the middle of figures stands over their line, paper mm. */
export const liftOf = (size: number, level = 0): number =>
  Math.max(LIFT, OVER + (size * CAP_HEIGHT) / 2) + level * LEVEL;

export const figureAt = (at: Point, text: string, size: number, turn: number): TextMark => ({
  ...{ type: 'text', layer: 'dimensions', at, text, size, anchor: 'middle', turn },
  ...{ ink: 'measure', ground: true },
});

const figuresOf = (row: DimensionRow): TextMark[] => {
  const { links, at, along, out, size, scale, turn, said } = row;
  return links.flatMap(({ text }, index) => {
    if (said?.[index]?.hidden) return [];
    const { on, up } = figurePlace(row, index);
    const mark = figureAt(place(at, along, on, out, up * scale), text, size, turn);
    return [{ ...mark, measured: measuredBy(row, index) }];
  });
};

/** Where along its row a figure stands, mm, and how high over it, paper mm. */
function figurePlace(
  { links, levels, size, scale, said }: DimensionRow,
  index: number,
): { on: number; up: number } {
  const { from, to } = links[index]!;
  const { off = 0, over = 0 } = said?.[index] ?? {};
  return { on: (from + to) / 2 + over * scale, up: liftOf(size, levels[index]) + off };
}

/** What a figure of a row measures. */
export function measuredBy({ links, at, along, out, feet, way, row }: DimensionRow, index: number): Measured {
  const { from, to, between } = links[index]!;
  const line = [place(at, along, from, out, 0), place(at, along, to, out, 0)] as const;
  const ends = { from: feet[index] ?? line[0], to: feet[index + 1] ?? line[1], line };
  return { ...ends, of: { ...between, length: to - from, way, row, figure: figureOf(links, index) } };
}

/** What the line of a row takes, with its ticks; `short` by them, where neighbours meet it at its ends. */
export function lineBox({ links, at, along, scale: by }: DimensionRow, short: boolean): Box {
  const ticks = (short ? -2 : 2) * TICK * by;
  const { to } = links.at(-1)!;
  const turn = Math.atan2(along.y, along.x);
  return boxAt(
    add(at, scale(along, to / 2)),
    Math.max(0.1 * by, to + ticks),
    2 * OVERSHOOT * by,
    turn % (Math.PI / 2) === 0 && Math.abs(along.y) < 0.5 ? 0 : turn,
  );
}

/** What the figures of a row take. */
export const figureBoxes = rememberOne((row: DimensionRow): readonly Box[] =>
  figuresOf(row).map((mark) => textBox(mark, row.scale)),
);

/** The line of a row, its ticks and extension lines, and its figures, the last. */
export function drawRow(row: DimensionRow, figures = true): Primitive[] {
  const { links, at, along, out, feet, levels, scale: by, source, said } = row;
  const on = (s: number, up = 0): Point => place(at, along, s, out, up * by);
  const stroke = (a: Point, b: Point, weight: number): PathMark => ({
    ...line('dimensions', [a, b], weight, 'measure'),
    ofDimensions: true,
  });
  const tick = scale(add(along, out), TICK * by);
  const marks: Primitive[] = [stroke(on(0), on(links.at(-1)!.to), WEIGHT.thin)];
  [0, ...links.map(({ to }) => to)].forEach((end, index) => {
    const foot = feet[index];
    if (foot) marks.push(stroke(foot, on(end, OVERSHOOT), WEIGHT.thin));
    marks.push(stroke(subtract(on(end), tick), add(on(end), tick), WEIGHT.object));
  });
  if (figures) {
    links.forEach(({ from, to }, index) => {
      const own = said?.[index];
      if (own?.hidden || (levels[index] === 0 && !own)) return;
      // What does not stand on its length is led to it.
      const { on: along, up } = figurePlace(row, index);
      const middle = (from + to) / 2;
      if (up - FROM_FIGURE > LEAD)
        marks.push(stroke(on(middle, LEAD), on(along, up - FROM_FIGURE), WEIGHT.thin));
    });
    marks.push(...figuresOf(row));
  }
  return source === undefined ? marks : marks.map((mark) => ({ ...mark, source }));
}

/** Marks with their texts last, so that no line runs over one. */
export const textsLast = (marks: readonly Primitive[]): Primitive[] => [
  ...marks.filter(({ type }) => type !== 'text'),
  ...marks.filter(({ type }) => type === 'text'),
];

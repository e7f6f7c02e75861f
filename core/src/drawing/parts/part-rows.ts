import type { Point } from '../../geometry/point';
import { line, TEXT, WEIGHT, type Primitive, type TextMark } from '../primitives';
import { textWidth } from '../text-layout';

/** Where dimensions stand, how near two figures of a row come, paper mm. */
export const ROW = 7;
const APART = 4;
const TICK = 1.2;
/** From one line of figures to the next, their height once. */
const LINE = 1.3;
/** More places than these in a row are told in the list alone. */
const MOST = 40;

/** Along which side of what is drawn a row stands: from there, out that way. */
export interface Where {
  from: number;
  out: 1 | -1;
  upright: boolean;
}

const turned = ({ upright }: Where, alongIt: number, outOfIt: number): Point =>
  upright ? { x: outOfIt, y: alongIt } : { x: alongIt, y: outOfIt };

/** The whole of one direction, as a chain of one. */
export const overall = (
  size: number,
  where: Where,
  scale: number,
  say: (mm: number) => string,
): Primitive[] => stretches([{ span: [0, size] }], where, scale, say);

/** A stretch that is told, and what it belongs to. */
export interface Stretch {
  span: readonly [from: number, to: number];
  source?: string;
  isChosen?: boolean;
}

/** Stretches told along one line, each with its length; what is shorter than its figure is high has that beside the line. */
export function stretches(
  told: readonly Stretch[],
  where: Where,
  scale: number,
  say: (mm: number) => string,
): Primitive[] {
  const at = where.from + where.out * ROW * scale;
  const tick = TICK * scale;
  const end = (along: number) =>
    line(
      'items',
      [turned(where, along - tick / 2, at - tick / 2), turned(where, along + tick / 2, at + tick / 2)],
      WEIGHT.thin,
      'measure',
    );
  let taken = -Infinity;
  return told.flatMap(({ span: [from, to], source, isChosen }): Primitive[] => {
    const middle = (from + to) / 2;
    const half = (textWidth(say(to - from), TEXT.small, isChosen ?? false) * scale) / 2;
    // A figure that would lie over the one before it stands a line further out.
    const isClear = middle - half >= taken;
    if (isClear) taken = middle + half;
    const off = isClear ? 2 : 2 + LINE * TEXT.small;
    const text = figure(turned(where, middle, at + where.out * off * scale), say(to - from), where);
    return [
      line('items', [turned(where, from, at), turned(where, to, at)], WEIGHT.thin, 'measure'),
      ...[from, to].map(end),
      { ...text, ...(source && { source }), ...(isChosen && { bold: true }) },
    ];
  });
}

const figure = (at: Point, text: string, { upright }: Where): TextMark => ({
  ...{
    type: 'text',
    layer: 'items',
    at,
    text,
    size: TEXT.small,
    anchor: 'middle',
    ink: 'measure',
    ground: true,
  },
  turn: upright ? Math.PI / 2 : 0,
});

/** More than so many that take so many times the length of what they stand along are crowded. */
const FEW = 6;
const CROWDED = 1.5;
/** Steps are alike to so much, mm. */
const ALIKE = 0.025;

/** Whether a place lies as far from the one before it as from the one after it: it follows from the ends of such a row. */
function isBetween(places: readonly number[], index: number): boolean {
  const [before, at, after] = [places[index - 1], places[index]!, places[index + 1]];
  return before !== undefined && after !== undefined && Math.abs(at - before - (after - at)) < ALIKE;
}

/** The places of what is bored, each told from the low left corner; figures keep clear of one another. Where they would crowd, of even steps the ends alone. */
export function row(
  places: readonly number[],
  size: number,
  where: Where,
  scale: number,
  say: (mm: number) => string,
): Primitive[] {
  const all = [...new Set(places.map((one) => Math.round(one * 100) / 100))].sort((a, b) => a - b);
  if (all.length === 0 || all.length > MOST) return [];
  const least = APART * scale;
  const isCrowded = all.length > FEW && least * all.length > CROWDED * size;
  const distinct = isCrowded ? all.filter((_, index) => !isBetween(all, index)) : all;
  const spots: number[] = [];
  for (const one of distinct) spots.push(Math.max(one, (spots.at(-1) ?? -Infinity) + least));
  // What was pushed past the end goes back as far as there is room.
  for (let index = spots.length - 1, most = Math.max(size, least * (spots.length - 1)); index >= 0; index--) {
    spots[index] = Math.min(spots[index]!, most);
    most = spots[index]! - least;
  }
  const [near, far] = [where.from + where.out * 1.5 * scale, where.from + where.out * 5 * scale];
  return distinct.flatMap((one, index): Primitive[] => [
    line(
      'items',
      [
        turned(where, one, near),
        turned(where, one, near + where.out * scale),
        turned(where, spots[index]!, far),
      ],
      WEIGHT.thin,
      'faint',
    ),
    {
      ...{
        type: 'text',
        layer: 'items',
        text: say(one),
        size: TEXT.small,
        anchor: 'start',
        ink: 'measure',
      },
      at: turned(where, spots[index]!, far + where.out * scale),
      turn: where.upright ? 0 : Math.PI / 2,
    },
  ]);
}

import type { Point } from '../../geometry/point';
import { line, TEXT, WEIGHT, type Primitive } from '../primitives';

/** Where dimensions stand, how near two figures of a row come, paper mm. */
const ROW = 7;
const APART = 4;
const TICK = 1.2;
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
export function overall(size: number, where: Where, scale: number, say: (mm: number) => string): Primitive[] {
  const at = where.from + where.out * ROW * scale;
  const tick = TICK * scale;
  const end = (along: number) =>
    line(
      'items',
      [turned(where, along - tick / 2, at - tick / 2), turned(where, along + tick / 2, at + tick / 2)],
      WEIGHT.thin,
      'measure',
    );
  return [
    line('items', [turned(where, 0, at), turned(where, size, at)], WEIGHT.thin, 'measure'),
    ...[0, size].map(end),
    figure(turned(where, size / 2, at + where.out * 2 * scale), say(size), where),
  ];
}

const figure = (at: Point, text: string, { upright }: Where): Primitive => ({
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

/** The places of what is bored, each told from the low left corner; figures keep clear of one another. */
export function row(
  places: readonly number[],
  size: number,
  where: Where,
  scale: number,
  say: (mm: number) => string,
): Primitive[] {
  const distinct = [...new Set(places.map((one) => Math.round(one * 100) / 100))].sort((a, b) => a - b);
  if (distinct.length === 0 || distinct.length > MOST) return [];
  const least = APART * scale;
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

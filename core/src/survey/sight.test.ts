import { expect, it } from 'vitest';
import type { Point } from '../geometry/point';
import { seeEachOther } from './sight';

/** An L, clockwise from its top left corner; corner 3 is the inner one. */
const l: Point[] = [
  { x: 0, y: 0 },
  { x: 4000, y: 0 },
  { x: 4000, y: -2000 },
  { x: 2500, y: -2000 },
  { x: 2500, y: -4000 },
  { x: 0, y: -4000 },
];
/** A U: a pier comes up from below between its two arms. */
const u: Point[] = [
  { x: 0, y: 0 },
  { x: 5000, y: 0 },
  { x: 5000, y: -3000 },
  { x: 3000, y: -3000 },
  { x: 3000, y: -1000 },
  { x: 2000, y: -1000 },
  { x: 2000, y: -3000 },
  { x: 0, y: -3000 },
];
const seen = (loop: readonly Point[]) =>
  loop.flatMap((_, from) =>
    loop.flatMap((__, to) => (to > from && seeEachOther(loop, from, to) ? [`${from}${to}`] : [])),
  );

it('two corners see each other along a wall, or where the line between them stays in the room and crosses no wall', () => {
  expect(seen(l)).toEqual(['01', '02', '03', '04', '05', '12', '13', '15', '23', '34', '35', '45']);
  expect(seen(u)).toEqual([
    ...['01', '04', '05', '06', '07', '12', '13', '14', '15', '23', '24', '34', '45', '56', '57', '67'],
  ]);
});

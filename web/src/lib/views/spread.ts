import type { Point } from 'goodreach';
import { toScreen, type Camera } from './camera';

/** Something that takes room on a drawing: its middle and its size, pixels. */
export interface Spot extends Point {
  wide: number;
  high: number;
}

/** How often overlapping spots are pushed apart. */
const ROUNDS = 24;

/** Places near the wanted ones at which none lies over another, nor over what is there already: overlapping ones are pushed apart the shorter way, half each, or wholly off what stays. */
export function spread(wanted: readonly Spot[], there: readonly Spot[] = [], apart = 2): Point[] {
  const spots = [...wanted, ...there];
  const at = spots.map(({ x, y }) => ({ x, y }));
  for (let round = 0; round < ROUNDS; round++) {
    let moved = false;
    for (let i = 0; i < wanted.length; i++) {
      for (let j = i + 1; j < spots.length; j++) {
        const [a, b] = [at[i]!, at[j]!];
        const across = (spots[i]!.wide + spots[j]!.wide) / 2 + apart - Math.abs(b.x - a.x);
        const up = (spots[i]!.high + spots[j]!.high) / 2 + apart - Math.abs(b.y - a.y);
        if (across <= 0 || up <= 0) continue;
        moved = true;
        const stays = j >= wanted.length;
        const [axis, by] =
          across < up
            ? (['x', (b.x >= a.x ? 1 : -1) * across] as const)
            : (['y', (b.y >= a.y ? 1 : -1) * up] as const);
        a[axis] -= stays ? by : by / 2;
        if (!stays) b[axis] += by / 2;
      }
    }
    if (!moved) break;
  }
  return at.slice(0, wanted.length);
}

/** What takes room in a drawing, mm, as it takes it on the screen, pixels. */
export const onScreen = (camera: Camera, spots: readonly Spot[]): Spot[] =>
  spots.map(({ wide, high, ...at }) => ({
    ...toScreen(camera, at),
    ...{ wide: wide * camera.k, high: high * camera.k },
  }));

/** So far off its place a thing is put that would lie over what is written there, pixels: its own height and a half at most. */
const ASIDE = [13, 26, 39] as const;

/** Places for one thing: its own, then those about it, the nearer first. */
export function about(spot: Spot): [Spot, ...Spot[]] {
  const ring = (by: number) =>
    WAYS.map(([x, y]): Spot => ({ ...spot, x: spot.x + x * by, y: spot.y + y * by }));
  return [spot, ...ASIDE.flatMap(ring)];
}
const WAYS = [
  [0, -1],
  [0, 1],
  [1, 0],
  [-1, 0],
  [1, -1],
  [-1, -1],
  [1, 1],
  [-1, 1],
] as const;

/** The room a chip takes that shows this text at a place, pixels. */
export function chipSpot({ x, y }: Point, text: string): Spot {
  return { x, y, wide: Math.max(24, text.length * 8 + 16), high: 26 };
}

/** Whether two spots lie over one another. */
export const meet = (a: Spot, b: Spot): boolean =>
  Math.abs(a.x - b.x) < (a.wide + b.wide) / 2 && Math.abs(a.y - b.y) < (a.high + b.high) / 2;

/** The first of some places for one thing at which it lies over nothing; the first of all where there is none. */
export const firstFree = (wanted: readonly [Spot, ...Spot[]], there: readonly Spot[]): Spot =>
  wanted.find((one) => !there.some((other) => meet(one, other))) ?? wanted[0];

/** Where along a line a chip is tried, as shares of it: in the middle first. */
const ALONG = [0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.1, 0.9];

/** The place of a chip along a line as long, pixels: in its middle, or where it lies over nothing, no nearer to its ends than on one as long as the chip. */
export function freeAlong(long: number, spotAt: (share: number) => Spot, there: readonly Spot[]): Spot {
  const middle = spotAt(0.5);
  const spare = Math.max(0, 0.5 - middle.wide / 2 / long);
  const others = ALONG.slice(1).filter((share) => Math.abs(share - 0.5) <= spare);
  return firstFree([middle, ...others.map(spotAt)], there);
}

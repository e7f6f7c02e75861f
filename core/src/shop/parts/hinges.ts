import type { BuildMethod } from '../../ranges/build-method';
import { signedArea } from '../../geometry/polygon';
import { frontRing, highAt } from '../../solids/cut-fronts';
import type { FrontPart } from '../../solids/front-parts';
import { railOf } from '../../surfaces/door-styles';

/** How many hinges carry a door up to so high (mm) and so heavy (kg). */
const carried: readonly (readonly [high: number, heavy: number, count: number])[] = [
  [900, 9, 2],
  [1_600, 15, 3],
  [2_000, 21, 4],
];
/** Taller doors have so many; each more carries so much, kg. */
const TALL = 5;
const EACH = 6;
/** Weights of boards and glass, kg/m³. */
const DENSITY = { board: 730, glass: 2_500 };

/** What a front weighs, kg: a board as thick as it is made, with glass in place of most of it where it has a pane. */
export function weightOf(front: FrontPart, build: BuildMethod): number {
  const area = Math.abs(signedArea(frontRing(front))) / 1e6;
  const kilos = (area * build.front * DENSITY.board) / 1e3;
  // A pane of 4 and the frame about it.
  return front.glass ? kilos / 2 + (area * 4 * DENSITY.glass) / 1e3 / 2 : kilos;
}

/** How many hinges a door of a height and a weight turns on. */
export function hingeCount(high: number, weight: number): number {
  const row = carried.find(([most, heavy]) => high <= most + 1e-6 && weight <= heavy);
  if (row) return row[2];
  const byHeight = carried.find(([most]) => high <= most + 1e-6)?.[2] ?? TALL;
  return Math.max(byHeight, Math.ceil(weight / EACH));
}

/** A cup keeps so far off a joint, mm. */
const CLEAR = 4;
/** Nearer to its ends than this share of a low door no hinge stands. */
const SHARE = 4;

/** Where the cups of a front's hinges are, in the front's own frame: so far from its ends, the others evenly between. */
export function hingePlaces(part: FrontPart, build: BuildMethod): { x: number; z: number }[] {
  const { hinge: at, left, right, low, high } = part;
  if (!at || part.shows === 'drop') return [];
  const { edge, end, cup } = build.hinge;
  const isUpright = at === 'left' || at === 'right';
  /** As far up as a cup has board about it. */
  const head = () =>
    Math.min(
      highAt(part, at === 'left' ? left : right),
      highAt(part, at === 'left' ? left + edge + cup : right - edge - cup),
    );
  const [from, to] = isUpright ? [low, head()] : [left, right];
  // Along the rail of a frame, cups keep clear of where its stiles meet it.
  const rail = isUpright ? null : railOf(part.style ?? 'slab', right - left, high - low);
  const clear = rail === null ? 0 : rail + build.hinge.cup / 2 + CLEAR;
  const first = Math.max(clear, Math.min(end, (to - from) / SHARE));
  const count = hingeCount(to - from, weightOf(part, build));
  return Array.from({ length: count }, (_, index) => {
    const along = from + first + ((to - from - 2 * first) * index) / (count - 1);
    if (!isUpright) return { x: along, z: at === 'top' ? high - edge : low + edge };
    return { x: at === 'left' ? left + edge : right - edge, z: along };
  });
}

/** Whether a front's frame is too narrow for the cups of hinges: with a pane in it they are screwed on. */
export function isNarrow(
  { hinge, style = 'slab', glass, left, right, low, high }: FrontPart,
  build: BuildMethod,
): boolean {
  if (!hinge || !(glass || style === 'glazed')) return false;
  const rail = railOf(
    glass && railOf(style, right - left, high - low) === null ? 'frame' : style,
    right - left,
    high - low,
  );
  return rail !== null && rail < build.hinge.edge + build.hinge.cup / 2;
}

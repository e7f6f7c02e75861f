import type { OurProfile, TrimUse } from '../document/limits';
import { rememberOne } from '../document/remember';
import { boundsOf, signedArea } from '../geometry/polygon';
import type { Point } from '../geometry/point';

/** The cross section of a trim, counter-clockwise, mm: x out of the line it runs along (the fronts of cabinets, the face of a wall), y up from the level it is fixed at. */
export type TrimShape = readonly Point[];

/** Steps of a quarter round. */
const STEPS = 6;

/** The way along a curve from one place to the next, that swells out to the first's height (or out) before it turns: a quarter of an ellipse, without its first place. */
function quarter(from: Pair, to: Pair, turns: 'out-first' | 'up-first'): Pair[] {
  return Array.from({ length: STEPS }, (_, step) => {
    const angle = ((step + 1) / STEPS) * (Math.PI / 2);
    const [slow, fast] = [1 - Math.cos(angle), Math.sin(angle)];
    const [out, up] = turns === 'out-first' ? [fast, slow] : [slow, fast];
    return [from[0] + (to[0] - from[0]) * out, from[1] + (to[1] - from[1]) * up];
  });
}

type Pair = readonly [out: number, up: number];

/** What goes out by a hollow and on by a round: the two quarters of an ogee between two places. */
function wave(from: Pair, to: Pair): Pair[] {
  const middle: Pair = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  return [...quarter(from, middle, 'up-first'), ...quarter(middle, to, 'out-first')];
}

type Shapes = { [U in TrimUse]: Record<Exclude<OurProfile<U>, 'none'>, readonly Pair[]> };

/** Every shape of ours. Cornices stand on the boxes and come out over the fronts; light rails hang under them, flush with the fronts; the others have their backs to the wall. */
const shapes: Shapes = {
  cornice: {
    square: [
      [-14, 0],
      [4, 0],
      [4, 60],
      [-14, 60],
    ],
    hollow: [
      [-14, 0],
      [4, 0],
      [4, 10],
      ...quarter([4, 10], [46, 56], 'up-first'),
      [50, 56],
      [50, 66],
      [-14, 66],
    ],
    ogee: [[-14, 0], [4, 0], [4, 12], ...wave([4, 12], [48, 64]), [52, 64], [52, 76], [-14, 76]],
    stepped: [
      [-14, 0],
      [4, 0],
      [4, 20],
      [18, 20],
      [18, 40],
      [32, 40],
      [32, 60],
      [-14, 60],
    ],
  },
  lightRail: {
    square: [
      [-18, -35],
      [0, -35],
      [0, 0],
      [-18, 0],
    ],
    rounded: [[-18, -35], [-12, -35], ...quarter([-12, -35], [0, -23], 'out-first'), [0, 0], [-18, 0]],
    hollow: [[-18, -40], [-10, -40], ...quarter([-10, -40], [0, -14], 'up-first'), [0, 0], [-18, 0]],
  },
  skirting: {
    square: [
      [0, 0],
      [15, 0],
      [15, 90],
      [0, 90],
    ],
    bevelled: [
      [0, 0],
      [15, 0],
      [15, 83],
      [6, 95],
      [0, 95],
    ],
    rounded: [[0, 0], [15, 0], [15, 83], ...quarter([15, 83], [3, 95], 'up-first'), [0, 95]],
    ogee: [[0, 0], [18, 0], [18, 105], [15, 105], ...wave([15, 105], [6, 140]), [6, 145], [0, 145]],
  },
  cove: {
    hollow: [[0, -90], [10, -90], ...quarter([10, -90], [90, -10], 'up-first'), [90, 0], [0, 0]],
    stepped: [
      [0, -75],
      [25, -75],
      [25, -50],
      [50, -50],
      [50, -25],
      [75, -25],
      [75, 0],
      [0, 0],
    ],
    square: [
      [0, -40],
      [40, -40],
      [40, 0],
      [0, 0],
    ],
  },
  // On linings, their backs over the front of these: how much is behind that follows from how thick each is.
  capping: {
    square: [
      [0, 0],
      [12, 0],
      [12, 18],
      [0, 18],
    ],
    rounded: [
      [0, 0],
      [8, 0],
      ...quarter([8, 0], [18, 9], 'out-first'),
      ...quarter([18, 9], [8, 18], 'up-first'),
      [0, 18],
    ],
    ogee: [[0, 0], [5, 0], ...wave([5, 0], [22, 16]), [22, 24], [0, 24]],
  },
};

/** The cross section of a trim; null of none. */
export function trimShape(use: TrimUse, profile: OurProfile): TrimShape | null {
  return (known[use] as Partial<Record<OurProfile, TrimShape>>)[profile] ?? null;
}

const known = Object.fromEntries(
  Object.entries(shapes).map(([use, all]) => [
    use,
    Object.fromEntries(Object.entries(all).map(([profile, pairs]) => [profile, shapeOf(pairs)])),
  ]),
) as Record<TrimUse, Partial<Record<OurProfile, TrimShape>>>;

function shapeOf(pairs: readonly Pair[]): TrimShape {
  const shape = pairs.map(([x, y]) => ({ x, y }));
  return signedArea(shape) > 0 ? shape : shape.reverse();
}

/** How far a shape reaches, mm: out, and up or (negative) down. */
export const shapeReach = rememberOne(
  (shape: TrimShape): { in: number; out: number; low: number; high: number } => {
    const { left, right, bottom, top } = boundsOf(shape);
    return { in: left, out: right, low: bottom, high: top };
  },
);

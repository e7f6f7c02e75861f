import { distance, type Point } from '../geometry/point';
import { NormalEquations, type OpenFactor } from './normal-equations';
import { derivative, difference, unknownOf, type Observation } from './observations';

/** Where an adjustment ended. */
export interface Adjusted {
  corners: Point[];
  /** Whether it came to rest, and whether only by damped steps, as where something is hardly determined. */
  settled: boolean;
  damped?: boolean;
}

const MOST_ROUNDS = 100;
/** A step this short, mm, moves no corner any more. */
const AT_REST = 1e-10;
/** Steps shorter than this, mm, that no longer shrink are only rounding. */
const ROUNDING = 1e-7;
/** Steps shorter than this, mm, are made whole: what they gain is lost in the rounding of the misfit, which would have them made shorter. */
const FINE = 1e-5;
/** A step is made shorter down to this share of itself. */
const LEAST_PART = 1e-3;
/** How much assumed corners weigh beside measured ones while a far-off start is led to the measured values. */
const LEADING = [1, 1e-2, 1e-4, 1e-6];
const ROUNDS_LED = 12;
const ROUNDS_TO_REST = 400;
/** A damped step that takes away less than this share of the misfit is the last. */
const LEAST_GAIN = 1e-6;

/** Newton's method is tried so often, its second derivatives by shifts of so much, mm; where its step does not lead down it is held back by more and more. */
const MOST_NEWTON = 40;
const SHIFT = 1e-2;
const HELD_BACK = [0, 1e-6, 1e-4, 1e-2, 1];

export const weightOf = ({ sigma }: Observation): number => 1 / sigma ** 2;

/**
 * Least squares in two ranks, by Gauss–Newton: corners where the measured values misfit least, by 1/sigma²; of all those the
 * ones where the assumed corners misfit least. Each step solves the measured values alone and lets the assumed ones choose only
 * among what these leave open, so that where nothing is left open they have no say at all.
 */
export function adjustLoop(start: readonly Point[], used: readonly Observation[]): Adjusted {
  let corners = [...start];
  const measured = used.filter(({ standing }) => standing === 'measured');
  const assumed = used.filter(({ standing }) => standing === 'assumed');
  let last = Infinity;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const factor = equationsOf(corners, measured).factorOpen();
    const step = stepInRanks(corners, factor, assumed);
    if (!step) return { corners, settled: false };
    const size = step.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
    if (!Number.isFinite(size)) break;
    const share = Math.min(1, perimeterOf(corners) / 8 / Math.max(size, 1e-12));
    const next = moved(corners, step, share);
    const isLast = size < AT_REST || (size < ROUNDING && size > 0.9 * last);
    const isWhole = isLast || size < FINE || factor.rank < factor.size;
    corners = isWhole ? next : nearer(corners, step, share, measured);
    if (isLast) return { corners, settled: true };
    last = size;
  }
  return { corners, settled: false };
}

/** A step made shorter until the measured values are met better than before: near a shape that is hardly determined full ones overshoot. */
function nearer(
  corners: readonly Point[],
  step: Float64Array,
  share: number,
  measured: readonly Observation[],
): Point[] {
  const cost = costOf(corners, measured);
  for (let part = share; part > share * LEAST_PART; part /= 2) {
    const next = moved(corners, step, part);
    if (costOf(next, measured) <= cost) return next;
  }
  return moved(corners, step, share);
}

/** Leads a start that is far off to the measured values: the assumed corners weigh less and less. */
export function ledLoop(start: readonly Point[], used: readonly Observation[]): Point[] {
  return LEADING.reduce<Point[]>((at, assumed) => damped(at, used, assumed, ROUNDS_LED).corners, [...start]);
}

/**
 * The least misfit where full steps come to no rest: where a corner is best met on the straight line between its neighbours, the
 * measured values say nothing of it across that line but by how their misfit bends.
 */
export function restLoop(start: readonly Point[], used: readonly Observation[], worth = Infinity): Adjusted {
  const { corners: near, gained } = damped(start, used, LEADING.at(-1)!, ROUNDS_TO_REST);
  const measured = used.filter(({ standing }) => standing === 'measured');
  if (costOf(near, measured) > worth) return { corners: near, settled: false, damped: true };
  const corners = atLeast(near, measured);
  const settled = gained < LEAST_GAIN && perimeterOf(corners) < 2 * perimeterOf(start);
  return { corners, settled, damped: true };
}

/**
 * The least misfit of the measured values near a shape, by Newton's method with all that their misfit bends: where that fixes
 * every corner, assumed ones have no say left. The shape itself where it does not.
 */
function atLeast(start: readonly Point[], measured: readonly Observation[]): Point[] {
  const size = 2 * start.length - 3;
  let corners = [...start];
  let last = Infinity;
  for (let round = 0; round < MOST_NEWTON; round++) {
    const { gradient, diagonal } = equationsOf(corners, measured);
    const bent = Array.from({ length: size }, (_, unknown) => {
      const shift = Float64Array.from({ length: size }, (_, one) => (one === unknown ? SHIFT : 0));
      const [ahead, behind] = [1, -1].map(
        (way) => equationsOf(moved(corners, shift, way), measured).gradient,
      );
      return ahead!.map((value, one) => (behind![one]! - value) / (2 * SHIFT));
    });
    // A difference of two gradients is not quite symmetric: the mean of both halves is.
    const columns = bent.map((column, j) => column.map((value, i) => (value + bent[i]![j]!) / 2));
    const cost = costOf(corners, measured) * (1 + 1e-12);
    const [step] = HELD_BACK.flatMap((share) => {
      const held = columns.map((column, j) =>
        column.map((value, i) => (i === j ? value + share * diagonal[i]! : value)),
      );
      const found = NormalEquations.ofColumns(held, gradient).solve();
      return found && costOf(moved(corners, found, 1), measured) <= cost ? [found] : [];
    });
    if (!step) break;
    const length = step.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
    corners = moved(corners, step, 1);
    if (length < AT_REST || (length < ROUNDING && length > 0.5 * last)) break;
    last = length;
  }
  return corners;
}

/** Levenberg and Marquardt's method, the assumed corners weighing so much beside the measured ones; and the share of the misfit that the last step took away. */
function damped(
  start: readonly Point[],
  used: readonly Observation[],
  assumed: number,
  rounds: number,
): { corners: Point[]; gained: number } {
  const weight = (one: Observation) => weightOf(one) * (one.standing === 'assumed' ? assumed : 1);
  let corners = [...start];
  let damping = 1e-3;
  let cost = costOf(corners, used, weight);
  let gained = 1;
  for (let round = 0; round < rounds; round++) {
    const step = equationsOf(corners, used, weight).solveDamped(damping);
    const next = step && moved(corners, step, 1);
    const nextCost = next ? costOf(next, used, weight) : Infinity;
    if (next && nextCost < cost) {
      gained = 1 - nextCost / cost;
      [corners, cost, damping] = [next, nextCost, damping / 5];
      if (gained < LEAST_GAIN) break;
    } else {
      damping *= 8;
      // No step, however short, meets the values better.
      if (damping > 1e9) return { corners, gained: 0 };
    }
  }
  return { corners, gained };
}

/** Sum of the weighted squares of what is misfitted. */
export function costOf(
  corners: readonly Point[],
  used: readonly Observation[],
  weight: (one: Observation) => number = weightOf,
): number {
  return used.reduce((sum, one) => sum + weight(one) * difference(corners, one) ** 2, 0);
}

export function perimeterOf(corners: readonly Point[]): number {
  return corners.reduce(
    (sum, corner, index) => sum + distance(corner, corners[(index + 1) % corners.length]!),
    0,
  );
}

/** The normal equations of these observations in a loop of these corners. */
export function equationsOf(
  corners: readonly Point[],
  used: readonly Observation[],
  weight: (one: Observation) => number = weightOf,
): NormalEquations {
  const equations = new NormalEquations(2 * corners.length - 3);
  for (const one of used) equations.add(derivative(corners, one), difference(corners, one), weight(one));
  return equations;
}

/** The step that meets the measured values as well as can be, and among those the assumed ones; null where both leave one open. */
function stepInRanks(
  corners: readonly Point[],
  factor: OpenFactor,
  assumed: readonly Observation[],
): Float64Array | null {
  const { solution } = factor;
  const open = factor.open();
  if (open.length === 0) return solution;
  const choice = new NormalEquations(open.length);
  for (const one of assumed) {
    const { at, by } = derivative(corners, one);
    const along = (values: Float64Array) =>
      at.reduce((sum, unknown, i) => sum + by[i]! * values[unknown]!, 0);
    choice.add(
      { at: open.map((_, column) => column), by: open.map(along) },
      difference(corners, one) - along(solution),
      weightOf(one),
    );
  }
  const shares = choice.solve();
  if (!shares) return null;
  return solution.map((value, unknown) =>
    open.reduce((sum, direction, column) => sum + shares[column]! * direction[unknown]!, value),
  );
}

function moved(corners: readonly Point[], step: Float64Array, share: number): Point[] {
  return corners.map(({ x, y }, corner) => {
    const [dx, dy] = [unknownOf(corner, 0), unknownOf(corner, 1)];
    return { x: dx < 0 ? x : x + share * step[dx]!, y: dy < 0 ? y : y + share * step[dy]! };
  });
}

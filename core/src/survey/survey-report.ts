import { perDesign, type Design } from '../document/design';
import type { Point } from '../geometry/point';
import { toRadians, wrapAngle } from '../units/angles';
import { costOf, equationsOf } from './adjust-loop';
import { rankOf } from './loop-rank';
import type { OpenFactor } from './normal-equations';
import { derivative, difference, unknownOf, type Observation } from './observations';
import { cornerName } from './face-letters';
import { roomShape, type RoomShape } from './room-shape';
import { seeEachOther } from './sight';
import type { Misclosure } from './start-shapes';

/** How one measurement fares in the adjustment. */
export interface MeasurementReport {
  observation: Observation;
  /** Adjusted minus given value: mm, or radians for corners. */
  residual: number;
  /** The share of its error the other measurements would show, 0 to 1; null for one that is not used. */
  redundancy: number | null;
  /** Residual over its own standard deviation (Baarda's w); null where nothing checks it. */
  standardised: number | null;
}

/** How well a corner is known. */
export interface CornerReport {
  /** Index of the face it starts. */
  index: number;
  name: string;
  at: Point;
  /** Standard ellipse, mm and radians, as seen from the first corner along the first face. */
  ellipse: { major: number; minor: number; turn: number };
  /** Inside angle less the nearest right angle, radians, and what the angle is known to: one standard deviation. */
  offSquare: number;
  sigma: number;
}

/** The measurement that would help most. */
export interface NextMeasurement {
  /** Corners to tape between, by the index of the face they start; the same twice for the angle of a corner. */
  from: number;
  to: number;
  name: string;
  /** open: the measured values alone do not fix the shape; unchecked: they do, but none is checked by the others. */
  why: 'open' | 'unchecked';
  /** What it is known to now, mm, of a corner radians: one standard deviation. */
  uncertainty: number;
}

export interface SurveyReport {
  misclosure: Misclosure;
  /** Whether the shape rests on corners that are only assumed. */
  open: boolean;
  /** How many of the measured values are spare. */
  redundancy: number;
  /** Standard deviation of unit weight, 1 where measurements are as good as they are trusted to be; null where none is spare. */
  sigma0: number | null;
  measurements: readonly MeasurementReport[];
  corners: readonly CornerReport[];
  /** What the length of each face, in walking order, is known to, mm: one standard deviation. */
  lengthSigmas: readonly number[];
  /** The measurements that look wrong, the worst first; several when the survey can't tell them apart. */
  suspects: readonly MeasurementReport[];
  next: NextMeasurement | null;
}

/** A standardised residual larger than this is no chance (Baarda). */
const SUSPECT = 3;
/** Standardised residuals as near as this share to the worst can't be told from it. */
const ALIKE = 0.98;
/** Below this redundancy a measurement counts as unchecked. */
const LEAST_REDUNDANCY = 0.01;
/** What a corner that is only assumed square is trusted to. */
const ASSUMED_SIGMA = toRadians(1);

/**
 * What the measurements say about themselves: residuals, the one that looks wrong, how well each corner is known and what to measure next.
 * Redundancy r = 1 − aQaᵀ/σ² and w = v / (σ√r) after W. Baarda, A testing procedure for use in geodetic networks (1968).
 */
export const surveyReport: (design: Design) => SurveyReport = perDesign((design) => {
  const shape = roomShape(design);
  const { corners: loop, observations, misclosure } = shape;
  const measured = observations.filter(({ standing }) => standing === 'measured');
  const rank = rankOf(loop, measured);
  const redundancy = measured.length - rank;
  const measurements = measurementReports(loop, observations).filter(
    ({ observation }) => observation.standing === 'measured' || wasTaped(design, observation),
  );
  const covariance = covarianceOf(loop, observations);
  return {
    misclosure,
    open: rank < 2 * loop.length - 3,
    redundancy,
    sigma0: redundancy > 0 ? Math.sqrt(costOf(loop, measured) / redundancy) : null,
    measurements,
    corners: shape.faces.map(({ corner }, index) => ({
      index,
      name: cornerName(index, shape.letters),
      at: loop[index]!,
      ellipse: ellipseOf(covariance, index),
      offSquare: offSquare(corner),
      sigma: sigmaOf(loop, cornerAt(index), covariance),
    })),
    lengthSigmas: loop.map((_, index) =>
      sigmaOf(loop, between(index, (index + 1) % loop.length), covariance),
    ),
    suspects: suspectsAmong(measurements),
    next: nextMeasurement(design, shape, covariance),
  };
});

/** Covariance of the corners' coordinates; where measured values leave them open, assumed corners are trusted to a degree. */
function covarianceOf(loop: readonly Point[], observations: readonly Observation[]): Float64Array[] {
  const known = (assumed: boolean) =>
    equationsOf(
      loop,
      observations.filter(({ standing }) => standing === 'measured' || (assumed && standing === 'assumed')),
      ({ standing, sigma }) => 1 / (standing === 'assumed' ? ASSUMED_SIGMA : sigma) ** 2,
    ).factor();
  return (known(false) ?? known(true)!).inverse();
}

/** How every measurement fares, the excluded ones too, in an adjusted loop of these corners. */
export function measurementReports(
  loop: readonly Point[],
  observations: readonly Observation[],
): MeasurementReport[] {
  const measured = observations.filter(({ standing }) => standing === 'measured');
  const factor = equationsOf(loop, measured).factorOpen();
  return observations
    .filter(({ standing }) => standing !== 'assumed')
    .map((observation) => reportOn(loop, observation, factor));
}

/** Whether an excluded value was ever measured: the length of an outline never was. */
function wasTaped(design: Design, { of, id }: Observation): boolean {
  if (of === 'distance') return true;
  const record = design.records[id];
  return record?.kind === 'face' && (of === 'corner' ? record.cornerFrom : record.lengthFrom) === 'excluded';
}

function reportOn(loop: readonly Point[], observation: Observation, factor: OpenFactor): MeasurementReport {
  const residual = -difference(loop, observation);
  if (observation.standing === 'excluded')
    return { observation, residual, redundancy: null, standardised: null };
  const row = derivative(loop, observation);
  const dense = new Float64Array(2 * loop.length - 3);
  row.at.forEach((unknown, index) => (dense[unknown] = row.by[index]!));
  const solved = factor.solve(dense);
  const spread = row.at.reduce((sum, unknown, index) => sum + row.by[index]! * solved[unknown]!, 0);
  const redundancy = Math.min(1, Math.max(0, 1 - spread / observation.sigma ** 2));
  const checked = redundancy >= LEAST_REDUNDANCY;
  return {
    observation,
    residual,
    redundancy,
    standardised: checked ? residual / (observation.sigma * Math.sqrt(redundancy)) : null,
  };
}

/** The measurements that are no chance, the worst and those that can’t be told from it. */
export function suspectsAmong(measurements: readonly MeasurementReport[]): MeasurementReport[] {
  const size = ({ standardised }: MeasurementReport) => Math.abs(standardised ?? 0);
  const sorted = [...measurements].sort((a, b) => size(b) - size(a));
  const worst = sorted[0] ? size(sorted[0]) : 0;
  return worst > SUSPECT ? sorted.filter((one) => size(one) >= worst * ALIKE) : [];
}

/** The standard ellipse of a corner from its block of the covariance (eigenvalues of a symmetric 2 × 2 matrix). */
function ellipseOf(covariance: readonly Float64Array[], corner: number): CornerReport['ellipse'] {
  const at = (a: number, b: number) => (a < 0 || b < 0 ? 0 : covariance[a]![b]!);
  const [x, y] = [unknownOf(corner, 0), unknownOf(corner, 1)];
  const [xx, yy, xy] = [at(x, x), at(y, y), at(x, y)];
  const centre = (xx + yy) / 2;
  const radius = Math.hypot((xx - yy) / 2, xy);
  return {
    major: Math.sqrt(centre + radius),
    minor: Math.sqrt(Math.max(0, centre - radius)),
    turn: Math.atan2(2 * xy, xx - yy) / 2,
  };
}

function offSquare(corner: number): number {
  return wrapAngle(corner - (Math.PI / 2) * Math.round(corner / (Math.PI / 2)));
}

/**
 * What is not measured yet and known least now: the distance between two corners that see each other; where all of these are taped, a corner;
 * else any other distance, or one that was not believed, once more.
 */
function nextMeasurement(
  design: Design,
  shape: RoomShape,
  covariance: readonly Float64Array[],
): NextMeasurement | null {
  const { corners: loop, observations } = shape;
  const count = loop.length;
  const measured = observations.filter(({ standing }) => standing === 'measured');
  const rank = rankOf(loop, measured);
  if (rank === 2 * count - 3 && measured.length > rank) return null;
  const why = rank < 2 * count - 3 ? 'open' : 'unchecked';
  const taken = new Set(observations.flatMap((one) => pairOf(design, one, count) ?? []));
  const known = new Set(measured.flatMap((one) => pairOf(design, one, count) ?? []));
  const pairs = loop
    .flatMap((_, from) => loop.map((__, to) => ({ from, to })))
    .filter(({ from, to }) => from < to && !known.has(pairKey(from, to)));
  const seen = (pair: { from: number; to: number }) => seeEachOther(loop, pair.from, pair.to);
  const fresh = (pair: { from: number; to: number }) => !taken.has(pairKey(pair.from, pair.to));
  const angles = loop.flatMap((_, index) => {
    const isKnown = measured.some((one) => one.of === 'corner' && one.index === index);
    return isKnown ? [] : [{ from: index, to: index }];
  });
  const candidates = [
    pairs.filter((pair) => fresh(pair) && seen(pair)),
    angles,
    pairs.filter(fresh),
    pairs.filter(seen),
    pairs,
  ].find((several) => several.length > 0);
  const [best] = (candidates ?? [])
    .map(({ from, to }) => {
      const one = from === to ? cornerAt(from) : between(from, to);
      return { from, to, uncertainty: sigmaOf(loop, one, covariance) };
    })
    .sort((a, b) => b.uncertainty - a.uncertainty);
  return best ? { ...best, name: nameOf(best, shape), why } : null;
}

function nameOf({ from, to }: { from: number; to: number }, { faces, letters }: RoomShape): string {
  const count = faces.length;
  if (from === to) return `corner ${cornerName(from, letters)}`;
  const face = to === from + 1 ? from : from === 0 && to === count - 1 ? to : -1;
  return face >= 0
    ? `face ${faces[face]!.letter}`
    : `${cornerName(from, letters)} to ${cornerName(to, letters)}`;
}

const pairKey = (from: number, to: number) => `${Math.min(from, to)} ${Math.max(from, to)}`;

/** The two corners a taped value runs between, if it does. */
function pairOf(design: Design, one: Observation, count: number): string | null {
  if (one.of !== 'distance') {
    const taped = one.standing === 'measured' || wasTaped(design, one);
    return one.of === 'length' && taped ? pairKey(one.index, (one.index + 1) % count) : null;
  }
  if (one.from.distance > 0 || one.to.distance > 0) return null;
  const corner = ({ face, from }: typeof one.from) => (from === 'left' ? face : (face + 1) % count);
  return pairKey(corner(one.from), corner(one.to));
}

const unmeasured = { id: '', name: '', given: 0, sigma: 1, standing: 'excluded' } as const;
const cornerAt = (index: number): Observation => ({ ...unmeasured, of: 'corner', index });
const between = (from: number, to: number): Observation => ({
  ...unmeasured,
  of: 'distance',
  from: { face: from, from: 'left', distance: 0 },
  to: { face: to, from: 'left', distance: 0 },
});

/** One standard deviation of what an observation comes out as: mm, of a corner radians. */
function sigmaOf(loop: readonly Point[], one: Observation, covariance: readonly Float64Array[]): number {
  const { at, by } = derivative(loop, one);
  let sum = 0;
  at.forEach((a, i) => at.forEach((b, j) => (sum += by[i]! * by[j]! * covariance[a]![b]!)));
  return Math.sqrt(Math.max(0, sum));
}

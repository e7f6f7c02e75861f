import { add, direction, distance, length, scale, subtract, type Point } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { NormalEquations } from './normal-equations';
import {
  derivative,
  difference,
  unknownOf,
  type LoopPlace,
  type Observation,
  type Standing,
} from './observations';

/** One face of a loop walked clockwise (the inside on the right): its length, mm, and the inside angle, radians, at its start. */
export interface LoopFace {
  id: string;
  name: string;
  length: number;
  /** A length is never assumed: one that is not measured is only where the adjustment starts from. */
  lengthStanding: Exclude<Standing, 'assumed'>;
  lengthSigma: number;
  corner: number;
  cornerStanding: Standing;
  cornerSigma: number;
}

/** A distance taped between two places of the loop, mm: a diagonal, or from a corner to a point on another face. */
export interface LoopDistance {
  id: string;
  name: string;
  from: LoopPlace;
  to: LoopPlace;
  length: number;
  standing: Exclude<Standing, 'assumed'>;
  sigma: number;
}

export interface SolvedLoop {
  /** Corner i is the start of face i; the first at the origin, the first face along +x. */
  corners: Point[];
  /** What walking the faces as given fails to close by, mm, before anything is adjusted. */
  misclosure: number;
  /** Every value given, the excluded ones too, in walking order, then the distances. */
  observations: Observation[];
}

/** Assumed corners weigh so little against measured values that these are met to far below 1e-6 mm. */
const ASSUMED_WEIGHT = 1e-8;
const MOST_ROUNDS = 60;
/** A step this short, mm, is the last: the next would be a thousandth of it or less. */
const CONVERGED = 1e-5;

/** Weight of an observation in the adjustment, 1/sigma². */
export function weightOf({ sigma, standing }: Observation): number {
  return (standing === 'assumed' ? ASSUMED_WEIGHT : 1) / sigma ** 2;
}

/**
 * Corner positions of a loop by least squares on the corner coordinates (Gauss–Newton on the Gauss–Markov model).
 * Every measured value is used, with weight 1/sigma². Where they leave the shape open, it is the one whose other corners
 * are as near their assumed angles as the measured values allow; assumed corners never weigh against measured values.
 * Refused: too few values (naming which would help), or values that no loop can have.
 */
export function solveLoop(
  faces: readonly LoopFace[],
  distances: readonly LoopDistance[] = [],
): Result<SolvedLoop> {
  const start = traverse(faces);
  const observations = observationsOf(faces, distances);
  const used = observations.filter(({ standing }) => standing !== 'excluded');
  const corners = start.corners;
  const count = 2 * corners.length - 3;
  let size = Infinity;
  for (let round = 0; round < MOST_ROUNDS && size > CONVERGED; round++) {
    const equations = new NormalEquations(count);
    for (const one of used) equations.add(derivative(corners, one), difference(corners, one), weightOf(one));
    const step = equations.solve();
    if (!step) return underdetermined(faces, used, corners);
    size = step.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
    if (!Number.isFinite(size)) break;
    move(corners, step, Math.min(1, perimeterOf(corners) / 8 / Math.max(size, 1e-12)));
  }
  const impossible = () => refuse('survey-impossible', { detail: longest(faces) });
  if (!(size <= CONVERGED)) return impossible();
  const measured = used.filter(({ standing }) => standing === 'measured');
  // Values with nothing to spare must be met exactly; if they are not, no room has them.
  const met = measured.every((one) => isMet(corners, one));
  if (!met && measured.length <= count && rankOf(corners, measured) === measured.length) return impossible();
  return ok({ corners, misclosure: start.misclosure, observations });
}

/** What was measured, assumed and excluded, as observations. */
function observationsOf(faces: readonly LoopFace[], distances: readonly LoopDistance[]): Observation[] {
  return [
    ...faces.flatMap((face, index): Observation[] => [
      {
        id: face.id,
        name: `corner ${faces.at(index - 1)!.name}/${face.name}`,
        of: 'corner',
        index,
        given: face.corner,
        sigma: face.cornerSigma,
        standing: face.cornerStanding,
      },
      {
        id: face.id,
        name: face.name,
        of: 'length',
        index,
        given: face.length,
        sigma: face.lengthSigma,
        standing: face.lengthStanding,
      },
    ]),
    ...distances.map(({ id, name, from, to, length: given, sigma, standing }): Observation => ({
      id,
      name,
      of: 'distance',
      from,
      to,
      given,
      sigma,
      standing,
    })),
  ];
}

/** Walks the faces as given; the misclosure is spread along the way so that the start for the adjustment closes. */
function traverse(faces: readonly LoopFace[]): { corners: Point[]; misclosure: number } {
  const walked: Point[] = [{ x: 0, y: 0 }];
  let heading = 0;
  faces.forEach((face, index) => {
    if (index > 0) heading -= Math.PI - face.corner;
    walked.push(add(walked[index]!, scale(direction(heading), face.length)));
  });
  const gap = walked.pop()!;
  const total = faces.reduce((sum, face) => sum + face.length, 0);
  let run = 0;
  const closed = walked.map((corner, index) => {
    const moved = subtract(corner, scale(gap, run / total));
    run += faces[index]!.length;
    return moved;
  });
  const turn = Math.atan2(closed[1]!.y, closed[1]!.x);
  const u = direction(-turn);
  const corners = closed.map(({ x, y }) => ({ x: x * u.x - y * u.y, y: x * u.y + y * u.x }));
  corners[1] = { x: corners[1]!.x, y: 0 };
  return { corners, misclosure: length(gap) };
}

function move(corners: Point[], step: Float64Array, share: number): void {
  for (let corner = 1; corner < corners.length; corner++) {
    const [x, y] = [unknownOf(corner, 0), unknownOf(corner, 1)];
    const at = corners[corner]!;
    corners[corner] = { x: at.x + share * step[x]!, y: y < 0 ? at.y : at.y + share * step[y]! };
  }
}

/** Whether the adjusted value is the given one, to 1e-5 mm or 1e-8 radians. */
function isMet(corners: readonly Point[], one: Observation): boolean {
  return Math.abs(difference(corners, one)) <= (one.of === 'corner' ? 1e-8 : 1e-5);
}

/** Too few values: how many are missing, and which faces' lengths would help. */
function underdetermined(faces: readonly LoopFace[], used: readonly Observation[], corners: Point[]) {
  const open = observationsOf(faces, []).filter(
    ({ of, standing }) => of === 'length' && standing === 'excluded',
  );
  const rank = rankOf(corners, used);
  return refuse('survey-underdetermined', {
    missing: 2 * corners.length - 3 - rank,
    measure: open.filter((one) => rankOf(corners, [...used, one]) > rank).map(({ name }) => name),
  });
}

/** How many of the observations are independent of one another (Gram–Schmidt on their derivatives). */
export function rankOf(corners: readonly Point[], observations: readonly Observation[]): number {
  const basis: Float64Array[] = [];
  const unit = perimeterOf(corners) / corners.length;
  for (const one of observations) {
    const { at, by } = derivative(corners, one);
    const row = new Float64Array(2 * corners.length - 3);
    at.forEach((unknown, index) => (row[unknown] = by[index]! * (one.of === 'corner' ? unit : 1)));
    const whole = norm(row);
    for (const other of basis) {
      let share = 0;
      for (let i = 0; i < row.length; i++) share += row[i]! * other[i]!;
      for (let i = 0; i < row.length; i++) row[i]! -= share * other[i]!;
    }
    const left = norm(row);
    if (left > 1e-6 * Math.max(whole, 1e-9)) basis.push(row.map((value) => value / left));
  }
  return basis.length;
}

function perimeterOf(corners: readonly Point[]): number {
  return corners.reduce(
    (sum, corner, index) => sum + distance(corner, corners[(index + 1) % corners.length]!),
    0,
  );
}

function norm(row: Float64Array): number {
  return Math.sqrt(row.reduce((sum, value) => sum + value * value, 0));
}

/** Which face can't be reached, for the refusal's sentence. */
function longest(faces: readonly LoopFace[]): string {
  const total = faces.reduce((sum, face) => sum + face.length, 0);
  return faces.find((face) => face.length > total - face.length)?.name ?? '';
}

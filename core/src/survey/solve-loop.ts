import { Matrix, solve } from 'ml-matrix';
import { add, cross, direction, distance, dot, length, scale, subtract, type Point } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { wrapAngle } from '../units/angles';

/** One face of a loop walked clockwise (the inside on the right): its length, mm, and the inside angle, radians, at its start. */
export interface LoopFace {
  name: string;
  length: number;
  lengthMeasured: boolean;
  corner: number;
  cornerMeasured: boolean;
}

export interface SolvedLoop {
  /** Corner i is the start of face i; the first at the origin, the first face along +x. */
  corners: Point[];
  /** What walking the faces as given fails to close by, mm, before anything is adjusted. */
  misclosure: number;
  /** Adjusted minus given value of each measurement used: mm for lengths, radians for corners. */
  residuals: Residual[];
}

export interface Residual {
  face: string;
  of: 'length' | 'corner';
  given: number;
  residual: number;
  assumed: boolean;
}

interface Observation extends Omit<Residual, 'residual'> {
  index: number;
  sigma: number;
}

/** Uncertainty of a taped length (mm) and of a measured corner (radians). */
const LENGTH_SIGMA = 2;
const CORNER_SIGMA = (0.2 * Math.PI) / 180;
/** Assumed corners weigh so little against measured values that these are met to far below 1e-6 mm. */
const ASSUMED_WEIGHT = 1e-5;
const MOST_ROUNDS = 60;

/**
 * Corner positions of a loop by least squares on the corner coordinates (Gauss–Newton on the Gauss–Markov model).
 * Every measured value is used, with weight 1/sigma². Where they leave the shape open, it is the one whose other corners
 * are as near their assumed angles as the measured values allow, and these are met exactly; assumed corners never weigh against measured values.
 * Refused: too few values (naming which would help), or values that no loop can have.
 */
export function solveLoop(faces: readonly LoopFace[]): Result<SolvedLoop> {
  const start = traverse(faces);
  const unknowns = 2 * faces.length - 3;
  const chosen = choose(faces, start.corners, unknowns);
  if (!chosen.ok) return chosen;
  const { observations, determined } = chosen.value;
  const corners = start.corners.map((corner) => ({ ...corner }));
  let size = Infinity;
  for (let round = 0; round < MOST_ROUNDS && size > 1e-10; round++) {
    const rows: number[][] = [];
    const wanted: number[][] = [];
    for (const observation of observations) {
      rows.push(derivative(corners, observation).map((value) => value / observation.sigma));
      wanted.push([difference(corners, observation) / observation.sigma]);
    }
    const step = solve(new Matrix(rows), new Matrix(wanted), true).to1DArray();
    size = Math.max(...step.map(Math.abs));
    if (!Number.isFinite(size)) break;
    const shorten = Math.min(1, perimeterOf(corners) / 8 / Math.max(size, 1e-12));
    step.forEach((value, unknown) => move(corners, unknown, value * shorten));
  }
  const residuals = observations.map((observation) => ({
    face: observation.face,
    of: observation.of,
    given: observation.given,
    assumed: observation.assumed,
    residual: -difference(corners, observation),
  }));
  const off = residuals.some(
    ({ residual, of, assumed }) => !assumed && Math.abs(residual) > (of === 'length' ? 1e-5 : 1e-8),
  );
  if (!(size <= 1e-6) || (!determined && off)) return refuse('survey-impossible', { detail: longest(faces) });
  return ok({ corners, misclosure: start.misclosure, residuals });
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
  return { corners, misclosure: length(gap) };
}

/**
 * The observations to use: all measured ones, and all assumed corners if these do not determine the shape by themselves
 * (rank by Gram–Schmidt on their derivatives). `determined`: the measured ones are more than enough, so they need not be met exactly.
 */
function choose(
  faces: readonly LoopFace[],
  corners: Point[],
  unknowns: number,
): Result<{ observations: Observation[]; determined: boolean }> {
  const basis: number[][] = [];
  const unit = perimeterOf(corners) / faces.length;
  const addsRank = (observation: Observation, keep: boolean): boolean => {
    const row = derivative(corners, observation).map(
      (value) => value * (observation.of === 'corner' ? unit : 1),
    );
    const whole = norm(row);
    for (const other of basis) {
      const share = row.reduce((sum, value, i) => sum + value * other[i]!, 0);
      other.forEach((value, i) => (row[i]! -= share * value));
    }
    const left = norm(row);
    if (left < 1e-6 * Math.max(whole, 1e-9)) return false;
    if (keep) basis.push(row.map((value) => value / left));
    return true;
  };
  const lengths = faces.map((face, index) => lengthOf(face, index));
  const angles = faces.map((face, index) => cornerOf(face, index));
  const measured = [
    ...lengths.filter(({ index }) => faces[index]!.lengthMeasured),
    ...angles.filter(({ assumed }) => !assumed),
  ];
  const independent = measured.filter((observation) => addsRank(observation, true)).length;
  const assumed = independent < unknowns ? angles.filter((angle) => angle.assumed) : [];
  for (const observation of assumed) addsRank(observation, true);
  if (basis.length < unknowns) {
    const helpful = lengths
      .filter(({ index }) => !faces[index]!.lengthMeasured)
      .filter((one) => addsRank(one, false));
    return refuse('survey-underdetermined', {
      missing: unknowns - basis.length,
      measure: helpful.map(({ face }) => face),
    });
  }
  return ok({ observations: [...measured, ...assumed], determined: independent < measured.length });
}

function lengthOf({ name, length: given }: LoopFace, index: number): Observation {
  return { face: name, of: 'length', given, index, sigma: LENGTH_SIGMA, assumed: false };
}

function cornerOf({ name, corner: given, cornerMeasured }: LoopFace, index: number): Observation {
  return {
    face: name,
    of: 'corner',
    given,
    index,
    sigma: CORNER_SIGMA / (cornerMeasured ? 1 : ASSUMED_WEIGHT),
    assumed: !cornerMeasured,
  };
}

/** Given minus present value. */
function difference(corners: Point[], { of, index, given }: Observation): number {
  const [before, at, after] = around(corners, index);
  return of === 'length' ? given - distance(at, after) : wrapAngle(given - insideAngle(before, at, after));
}

/** Inside angle at a corner of a clockwise loop, radians in (0, 2π). */
export function insideAngle(before: Point, at: Point, after: Point): number {
  const into = subtract(at, before);
  const out = subtract(after, at);
  return Math.PI + Math.atan2(cross(into, out), dot(into, out));
}

/** Derivative of an observation by each unknown coordinate. */
function derivative(corners: Point[], { of, index }: Observation): number[] {
  const count = corners.length;
  const row = new Array<number>(2 * count - 3).fill(0);
  const put = (corner: number, change: Point) => {
    const at = ((corner % count) + count) % count;
    if (at === 1) row[0]! += change.x;
    if (at > 1) {
      row[2 * at - 3]! += change.x;
      row[2 * at - 2]! += change.y;
    }
  };
  const [before, at, after] = around(corners, index);
  const out = subtract(after, at);
  if (of === 'length') {
    const u = scale(out, 1 / length(out));
    put(index, scale(u, -1));
    put(index + 1, u);
    return row;
  }
  const bearing = (vector: Point): Point => scale({ x: -vector.y, y: vector.x }, 1 / dot(vector, vector));
  const outTurn = bearing(out);
  const inTurn = bearing(subtract(at, before));
  put(index + 1, outTurn);
  put(index, scale(add(outTurn, inTurn), -1));
  put(index - 1, inTurn);
  return row;
}

function around(corners: Point[], index: number): [Point, Point, Point] {
  const count = corners.length;
  return [corners[(index - 1 + count) % count]!, corners[index]!, corners[(index + 1) % count]!];
}

/** Unknown 0 is the x of corner 1; then x and y of each later corner. */
function move(corners: { x: number; y: number }[], unknown: number, by: number): void {
  const corner = corners[unknown === 0 ? 1 : Math.floor((unknown + 3) / 2)]!;
  if (unknown === 0 || unknown % 2 === 1) corner.x += by;
  else corner.y += by;
}

function perimeterOf(corners: Point[]): number {
  return corners.reduce(
    (sum, corner, index) => sum + distance(corner, corners[(index + 1) % corners.length]!),
    0,
  );
}

function norm(row: number[]): number {
  return Math.hypot(...row);
}

/** Which face can't be reached, for the refusal's sentence. */
function longest(faces: readonly LoopFace[]): string {
  const total = faces.reduce((sum, face) => sum + face.length, 0);
  return faces.find((face) => face.length > total - face.length)?.name ?? '';
}

import type { Point } from '../geometry/point';
import { crossingEdges, signedArea } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { adjustLoop, costOf, ledLoop, perimeterOf, restLoop, type Adjusted } from './adjust-loop';
import { rankOf, SAYS_NEW } from './loop-rank';
import { difference, type LoopPlace, type Observation, type Standing } from './observations';
import { closingCorners, mirrored, otherStarts, traverse, type Misclosure } from './start-shapes';
import { underdetermined } from './underdetermined';

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
  /** What walking the faces as given fails to close by, before anything is adjusted. */
  misclosure: Misclosure;
  /** Every value given, the excluded ones too, in walking order, then the distances. */
  observations: Observation[];
}

/** An assumed corner that comes out farther than this from what it is assumed to be may have led the adjustment astray, radians. */
const FAR_OFF = 0.25;
/** A weighted square sum this many times the number of spare values is no more than measurements are off by. */
const PLAUSIBLE = 9;
/** How many other starts are tried, and how much work they may be: their number times the cube of the corners'. */
const MOST_STARTS = 160;
const MOST_WORK = 6e5;
/** Where more is measured than is needed, what is meant is found from the first few starts: after so many that better nothing, none does. */
const PATIENCE = 40;
/** Where steps come to no rest, the least misfit is looked for exactly where it can come to less than so many times the least so far. */
const WORTH = 2;
/** So many shapes that came out on the way are kept to be folded; two that misfit alike within this share are one. */
const MOST_SHAPES = 20;
const ALIKE = 1e-2;
/** A direction known by less than this share at the start is the one that an adjustment without end ran away in. */
const HARDLY_KNOWN = 0.02;
/** A room that comes out so many times as large as it was given has no size: nothing measured says how long some of its faces are. */
const MOST_GROWN = 100;

/**
 * Corner positions of a loop by least squares on the corner coordinates (Gauss–Newton on the Gauss–Markov model).
 * Every measured value is used, with weight 1/sigma². Where they leave the shape open, it is the one whose other corners
 * are as near their assumed angles as the measured values allow; where they do not, assumed corners have no say: they only
 * tell which of several shapes is meant, a part of a loop being able to lie to either side.
 * Refused: too few values (naming which would help), or values that no loop can have.
 */
export function solveLoop(
  faces: readonly LoopFace[],
  distances: readonly LoopDistance[] = [],
): Result<SolvedLoop> {
  const given = faces.map(({ corner }) => corner);
  const start = traverse(faces, given);
  const observations = observationsOf(faces, distances);
  const used = observations.filter(({ standing }) => standing !== 'excluded');
  const measured = used.filter(({ standing }) => standing === 'measured');
  const spare = measured.length - (2 * faces.length - 3);
  const judged = traverse(faces, closingCorners(faces, given)).corners;
  const first = adjustLoop(start.corners, used);
  const open = first.settled ? null : underdetermined(observations, judged, SAYS_NEW);
  if (open) return open;
  const { corners, settled, damped } = settledShape(faces, first, used);
  const impossible = () => refuse('survey-impossible', { detail: longest(faces) });
  // Two walls that were to meet far away do so, where nothing says how long the others are.
  const ranAway = perimeterOf(corners) > MOST_GROWN * perimeterOf(judged);
  const doubtful = !settled || damped || ranAway || !isSimple(corners);
  const missing = doubtful ? underdetermined(observations, judged, HARDLY_KNOWN) : null;
  if (missing || !settled || ranAway) return missing ?? impossible();
  // Values with nothing to spare must be met exactly; if they are not, no room has them.
  const met = measured.every((one) => isMet(corners, one));
  if (!met && spare <= 0 && rankOf(judged, measured) === measured.length) return impossible();
  return ok({ corners, misclosure: start.misclosure, observations });
}

type Shape = Pick<Adjusted, 'corners'>;

/** Where the adjustment comes to rest: from the corners as given, as it did first, or, where they led it astray, from others. */
function settledShape(faces: readonly LoopFace[], first: Adjusted, used: readonly Observation[]): Adjusted {
  const measured = used.filter(({ standing }) => standing === 'measured');
  const assumed = used.filter(({ standing }) => standing === 'assumed');
  const spare = measured.length - (2 * faces.length - 3);
  const plausible = ({ corners, settled }: Adjusted) =>
    settled && isSimple(corners) && costOf(corners, measured) < PLAUSIBLE * Math.max(1, spare);
  const far = assumed.some((one) => Math.abs(difference(first.corners, one)) > FAR_OFF);
  if (plausible(first) || (first.settled && !far)) return first;
  const score = ({ corners }: Shape) => costOf(corners, measured) + (isSimple(corners) ? 0 : PLAUSIBLE);
  const isAlike = (one: Shape, next: Shape) =>
    Math.abs(score(one) - score(next)) <= ALIKE * (1 + score(next));
  let best = first;
  const shapes = [first];
  // What misfits as a shape does that is there comes to rest in it.
  const isKnown = (corners: Point[]) =>
    costOf(corners, measured) > PLAUSIBLE * Math.max(1, spare) &&
    shapes.some((one) => isAlike(one, { corners }));
  // Where the assumed corners have a say, all begin from what is nearest to these.
  const bestShapes = () => shapes.slice(0, spare < 0 ? 1 : MOST_SHAPES).map(({ corners }) => corners);
  let tries = Math.min(MOST_STARTS, Math.ceil(MOST_WORK / faces.length ** 3));
  let idle = 0;
  for (const { start: other, folded } of otherStarts(faces, bestShapes, spare >= 0)) {
    if (plausible(best) || tries-- === 0 || (spare > 0 && best.settled && idle++ === PATIENCE)) return best;
    // Assumed corners can lead a start astray that was near enough by itself.
    const straight = folded || spare < 0 ? null : adjustLoop(other, used);
    const led = ledLoop(other, folded ? measured : used);
    const isGood = straight !== null && plausible(straight);
    if (!isGood && isKnown(led)) continue;
    const shape = isGood ? straight : adjustLoop(led, used);
    // The wrong way round, its mirror image has the same lengths.
    const full =
      spare >= 0 && signedArea(shape.corners) > 0 ? adjustLoop(mirrored(shape.corners), used) : shape;
    const next = full.settled || spare <= 0 ? full : restLoop(led, used, WORTH * score(best));
    if (shapes.every((one) => !isAlike(one, next))) {
      shapes.push(next);
      shapes.sort((p, q) => score(p) - score(q));
      shapes.length = Math.min(shapes.length, MOST_SHAPES);
    }
    if (!next.settled || (best.settled && score(next) >= score(best))) continue;
    if (!best.settled || !isAlike(next, best)) idle = 0;
    best = next;
  }
  return best;
}

const isSimple = (corners: readonly Point[]) => !crossingEdges(corners) && signedArea(corners) < 0;

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

/** Whether the adjusted value is the given one, to 1e-5 mm or 1e-8 radians. */
function isMet(corners: readonly Point[], one: Observation): boolean {
  return Math.abs(difference(corners, one)) <= (one.of === 'corner' ? 1e-8 : 1e-5);
}

/** Which face can't be reached, for the refusal's sentence. */
function longest(faces: readonly LoopFace[]): string {
  const total = faces.reduce((sum, face) => sum + face.length, 0);
  return faces.find((face) => face.length > total - face.length)?.name ?? '';
}

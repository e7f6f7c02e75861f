import { IN_LINE, type FilledSegment, type FillProblem, type Values } from './fill-problem';

/** Places are compared to a ten-thousandth of a millimetre, in whole numbers. */
export const TICKS = 10_000;
export const ticks = (mm: number): number => Math.round(mm * TICKS);

/** What a filling is worth, computed anew from where everything stands. */
export function valuesOf(problem: FillProblem, filled: readonly FilledSegment[]): Values {
  const { pieces, segments, decided } = problem;
  const joints = new Set(problem.joints.map(ticks));
  let filler = ticks(decided.filler);
  let price = decided.price;
  const widths = [...decided.widths].map(ticks);
  filled.forEach((segment, index) => {
    let at = ticks(segments[index]!.from) + ticks(segment.left);
    filler += ticks(segment.left) + ticks(segment.right);
    segment.pieces.forEach((piece) => {
      const { width, price: each } = pieces[piece]!;
      joints.add(at);
      at += ticks(width);
      joints.add(at);
      widths.push(ticks(width));
      price += each;
    });
  });
  const all = [...joints];
  const within = ticks(IN_LINE);
  const near = (place: number) => all.some((joint) => Math.abs(joint - place) <= within);
  return {
    filler: filler / TICKS,
    symmetry: mirroredPlaces(problem, all).filter((place) => !near(place)).length,
    items: widths.length,
    widths: new Set(widths).size,
    alignment: problem.aligned.filter((place) => !near(ticks(place))).length,
    price,
  };
}

/** Where joints should stand too for a centre line: the other side of each that is near enough to have one, ticks. */
function mirroredPlaces({ centre }: FillProblem, joints: readonly number[]): number[] {
  if (!centre) return [];
  const at = ticks(centre.at);
  const reach = Math.min(at - ticks(centre.from), ticks(centre.to) - at) - ticks(IN_LINE);
  return joints.filter((joint) => Math.abs(joint - at) < reach).map((joint) => 2 * at - joint);
}

import { IN_LINE, type FilledSegment, type FillProblem, type Values } from './fill-problem';

/** Places are compared to a ten-thousandth of a millimetre, in whole numbers. */
export const TICKS = 10_000;
export const ticks = (mm: number): number => Math.round(mm * TICKS);

/** What a filling is worth, computed anew from where everything stands. */
export function valuesOf(problem: FillProblem, filled: readonly FilledSegment[]): Values {
  const { pieces, loose, segments, decided } = problem;
  const joints = new Set(problem.joints.map(ticks));
  let filler = ticks(decided.filler);
  let price = decided.price;
  const widths = [...decided.widths].map(ticks);
  filled.forEach((segment, index) => {
    let at = ticks(segments[index]!.from) + ticks(segment.left);
    filler += ticks(segment.left) + ticks(segment.right);
    segment.pieces.forEach((piece) => {
      joints.add(at);
      at += ticks(piece < 0 ? loose[-1 - piece]! : pieces[piece]!.width);
      joints.add(at);
      if (piece < 0) return;
      const { width, price: each } = pieces[piece]!;
      widths.push(ticks(width));
      price += each;
    });
  });
  const all = [...joints];
  const within = ticks(IN_LINE);
  const near = (place: number) => all.some((joint) => Math.abs(joint - place) <= within);
  return {
    filler: filler / TICKS,
    symmetry: crookedness(problem, all) / TICKS,
    items: widths.length,
    widths: new Set(widths).size,
    alignment: problem.aligned.filter((place) => !near(ticks(place))).length,
    price,
  };
}

/** Over all joints of the stretch about a centre line how far each, mirrored at it, is from the nearest joint or end, where that falls within; ticks. */
function crookedness({ centre }: FillProblem, joints: readonly number[]): number {
  if (!centre) return 0;
  const [from, to, twice] = [ticks(centre.from), ticks(centre.to), 2 * ticks(centre.at)];
  const within = (place: number) => place > from && place < to;
  const targets = [from, ...joints, to];
  return joints.reduce((sum, joint) => {
    if (!within(joint) || !within(twice - joint)) return sum;
    return sum + Math.min(...targets.map((other) => Math.abs(twice - joint - other)));
  }, 0);
}

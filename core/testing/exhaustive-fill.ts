import {
  criteria,
  type Criterion,
  type FilledSegment,
  type FillProblem,
  type Values,
} from '../src/proposals/fill-problem';
import { valuesOf } from '../src/proposals/fill-values';

/** The worths of all ways to fill a problem, the best first, each once: by trying every one, in plain arithmetic of whole tenths of a millimetre. */
export function exhaustiveFill(problem: FillProblem, order: readonly Criterion[]): Values[] {
  const perSegment = problem.segments.map((segment) => {
    const length = Math.round((segment.to - segment.from) * 10) / 10;
    const ways: FilledSegment[] = [];
    const can = (width: number) =>
      width < 1 || (width >= problem.filler.least && width <= problem.filler.most);
    const round = (mm: number) => Math.round(mm * 1e4) / 1e4;
    const add = (left: number, pieces: number[], right: number) => {
      if (can(left) && can(right)) ways.push({ left: round(left), pieces, right: round(right) });
    };
    const sequence = (pieces: number[], sum: number) => {
      const slack = round(length - sum - segment.left - segment.right);
      if (pieces.length === 0) add(length, [], 0);
      else if (slack >= 0)
        for (const at of segment.slackAt) {
          const part = at === 'left' ? slack : at === 'right' ? 0 : slack / 2;
          add(segment.left + part, pieces, segment.right + slack - part);
        }
      problem.pieces.forEach(({ width }, piece) => {
        if (sum + width <= length + 1e-9) sequence([...pieces, piece], round(sum + width));
      });
    };
    sequence([], 0);
    return ways;
  });
  const found = new Map<string, Values>();
  const combine = (index: number, chosen: FilledSegment[]) => {
    if (index === perSegment.length) {
      const values = valuesOf(problem, chosen);
      found.set(criteria.map((one) => values[one]).join(' '), values);
      return;
    }
    for (const way of perSegment[index]!) combine(index + 1, [...chosen, way]);
  };
  combine(0, []);
  return [...found.values()].sort((a, b) => {
    for (const one of order) if (a[one] !== b[one]) return a[one] - b[one];
    return 0;
  });
}

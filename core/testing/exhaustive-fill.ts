import {
  criteria,
  type Criterion,
  type EndFiller,
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
    const { least, most, scribed } = problem.filler;
    const can = (width: number) => width < 1 || ((scribed || width >= least) && width <= most);
    const round = (mm: number) => Math.round(mm * 1e4) / 1e4;
    const add = (left: number, pieces: number[], right: number) => {
      if (can(left) && can(right)) ways.push({ left: round(left), pieces, right: round(right) });
    };
    /** What an end may have: as it is asked for, or nothing where that will do. */
    const widthsOf = (end: EndFiller) => [
      ...(end.most > 0 ? [[end.least, end.most] as const] : []),
      ...(end.most === 0 || (end.optional && end.least > 0) ? [[0, 0] as const] : []),
    ];
    const divide = (pieces: number[], over: number) => {
      for (const [leastLeft, mostLeft] of widthsOf(segment.left))
        for (const [leastRight, mostRight] of widthsOf(segment.right))
          for (const at of segment.slackAt) {
            const slack = over - leastLeft - leastRight;
            if (slack < -1e-9 || over > mostLeft + mostRight + 1e-9) continue;
            let left = leastLeft + (at === 'left' ? slack : at === 'right' ? 0 : slack / 2);
            if (left > mostLeft) left = mostLeft;
            if (over - left > mostRight) left = over - mostRight;
            add(left, pieces, over - left);
          }
    };
    const sequence = (pieces: number[], sum: number) => {
      if (pieces.length > 0) divide(pieces, round(length - sum));
      else if (length <= Math.max(segment.left.most, segment.right.most)) add(length, [], 0);
      problem.pieces.forEach(({ width }, piece) => {
        if (sum + width <= length + 1e-9) sequence([...pieces, piece], round(sum + width));
      });
      problem.loose.forEach((width, index) => {
        if (!pieces.includes(-1 - index) && sum + width <= length + 1e-9)
          sequence([...pieces, -1 - index], round(sum + width));
      });
    };
    sequence([], 0);
    return ways;
  });
  const found = new Map<string, Values>();
  const combine = (index: number, chosen: FilledSegment[]) => {
    if (index === perSegment.length) {
      if (chosen.flatMap(({ pieces }) => pieces.filter((piece) => piece < 0)).length < problem.loose.length)
        return;
      const values = valuesOf(problem, chosen);
      found.set(criteria.map((one) => values[one]).join(' '), values);
      return;
    }
    const set = chosen.flatMap(({ pieces }) => pieces.filter((piece) => piece < 0));
    for (const way of perSegment[index]!) {
      const own = way.pieces.filter((piece) => piece < 0);
      if (!own.some((piece) => set.includes(piece))) combine(index + 1, [...chosen, way]);
    }
  };
  combine(0, []);
  return [...found.values()].sort((a, b) => {
    for (const one of order) if (a[one] !== b[one]) return a[one] - b[one];
    return 0;
  });
}

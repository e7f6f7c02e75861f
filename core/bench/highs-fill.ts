import highsLoader from 'highs';
import {
  criteria,
  IN_LINE,
  type Criterion,
  type FillProblem,
  type Values,
} from '../src/proposals/fill-problem';
import { TICKS, ticks } from '../src/proposals/fill-values';
import { compositions } from '../src/proposals/compositions';
import { segmentOptions } from '../src/proposals/segment-options';

type Solver = Awaited<ReturnType<typeof highsLoader>>;
type Terms = Map<string, number>;

/**
 * The same problem as a mixed integer programme: which way each segment is divided, and a path of cabinets from one filler to the
 * other; solved once for each criterion, what is reached held for the next. Gives the values of the best filling.
 */
export function highsFill(solver: Solver, problem: FillProblem, order: readonly Criterion[]): Values {
  const rows: string[] = [];
  const binaries: string[] = [];
  const goal = Object.fromEntries(criteria.map((one) => [one, new Map()])) as Record<Criterion, Terms>;
  const made = compositions(problem.pieces);
  const widths = problem.pieces.map(({ width }) => ticks(width));
  const joints = new Map<number, string[]>();
  const fixed = new Set(problem.joints.map(ticks));
  const note = (at: number, variable: string) => joints.set(at, [...(joints.get(at) ?? []), variable]);
  const variable = (name: string) => (binaries.push(name), name);
  const say = (terms: Iterable<readonly [string, number]>) =>
    [...terms].map(([name, by]) => `${by < 0 ? '-' : '+'} ${Math.abs(by)} ${name}`).join(' ');

  problem.segments.forEach((segment, s) => {
    const chosen: [string, number][] = [];
    segmentOptions(segment, made, problem.filler).forEach(({ total, left, right }, o) => {
      const option = variable(`o${s}_${o}`);
      chosen.push([option, 1]);
      goal.filler.set(option, (left + right) / TICKS);
      if (total === 0) return;
      const start = ticks(segment.from) + left;
      note(start, option);
      const into = new Map<number, string[]>([[0, [option]]]);
      for (const sum of made.upTo(total)) {
        if (!made.of(total - sum) || !made.of(sum)) continue;
        const out: [string, number][] = [];
        widths.forEach((width, piece) => {
          if (sum + width > total || !made.of(total - sum - width)) return;
          const arc = variable(`x${s}_${o}_${sum}_${piece}`);
          out.push([arc, 1]);
          into.set(sum + width, [...(into.get(sum + width) ?? []), arc]);
          note(start + sum + width, arc);
          goal.items.set(arc, 1);
          goal.price.set(arc, problem.pieces[piece]!.price);
          rows.push(`y${piece} - ${arc} >= 0`);
        });
        const arriving = (into.get(sum) ?? []).map((name) => [name, -1] as const);
        if (sum < total && (out.length > 0 || arriving.length > 0))
          rows.push(`${say([...out, ...arriving])} = 0`);
      }
    });
    rows.push(`${say(chosen)} = 1`);
  });
  problem.pieces.forEach((_, piece) => goal.widths.set(variable(`y${piece}`), 1));
  const places = [...new Set([...joints.keys(), ...fixed])];
  /** The joints near a place: how many there are for certain, and the variables of the others. */
  const near = (place: number) => {
    const close = places.filter((one) => Math.abs(one - place) <= ticks(IN_LINE));
    return {
      sure: close.some((one) => fixed.has(one)),
      others: close
        .flatMap((one) => (fixed.has(one) ? [] : joints.get(one)!))
        .map((name) => [name, 1] as const),
    };
  };
  problem.aligned.forEach((place, i) => {
    const { sure, others } = near(ticks(place));
    if (sure) return;
    const amiss = variable(`n${i}`);
    goal.alignment.set(amiss, 1);
    rows.push(`${say([[amiss, 1], ...others])} >= 1`);
  });
  if (problem.centre) {
    const at = ticks(problem.centre.at);
    const reach = Math.min(at - ticks(problem.centre.from), ticks(problem.centre.to) - at) - ticks(IN_LINE);
    for (const place of places.filter((one) => Math.abs(one - at) < reach)) {
      const { sure, others } = near(2 * at - place);
      if (sure) continue;
      const amiss = variable(`m${place}`);
      goal.symmetry.set(amiss, 1);
      const here = fixed.has(place) ? [] : joints.get(place)!.map((name) => [name, -1] as const);
      rows.push(`${say([[amiss, 1], ...here, ...others])} >= ${fixed.has(place) ? 1 : 0}`);
    }
  }
  const reached: Partial<Record<Criterion, number>> = {};
  for (const criterion of order) {
    const terms = goal[criterion];
    if (terms.size === 0) {
      reached[criterion] = 0;
      continue;
    }
    const text = `Minimize\n obj: ${say(terms)}\nSubject To\n${rows.map((row, i) => ` r${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`;
    const solved = solver.solve(text);
    if (solved.Status !== 'Optimal') throw new Error(`HiGHS: ${solved.Status}`);
    const value = Math.round(solved.ObjectiveValue * TICKS) / TICKS;
    reached[criterion] = value;
    rows.push(`${say(terms)} <= ${value + 1e-5}`);
  }
  return reached as Values;
}

export { highsLoader };

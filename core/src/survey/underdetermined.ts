import type { Point } from '../geometry/point';
import { refuse } from '../result';
import { rankOf } from './loop-rank';
import type { LoopPlace, Observation } from './observations';
import { seeEachOther } from './sight';

/** As many measurements are named at most where the room is not fixed yet. */
const MOST_NAMED = 4;

/**
 * Too few values, judged at the shape the faces are given in: how many are missing, and what would help: lengths that were
 * not measured, else corners that were not and diagonals that can be taped. Null where nothing is missing, or nothing would help.
 */
export function underdetermined(observations: readonly Observation[], at: readonly Point[], level: number) {
  const used = observations.filter(({ standing }) => standing !== 'excluded');
  const count = 2 * at.length - 3;
  const rank = rankOf(at, used, level);
  if (rank === count) return null;
  const helps = (one: Observation) => rankOf(at, [...used, one], level) > rank;
  const unused = (what: Observation['of']) =>
    observations.filter((one) => one.standing === 'excluded' && one.of === what && helps(one));
  const lengths = unused('length').slice(0, MOST_NAMED);
  const half = MOST_NAMED / 2;
  const others = () => [
    ...unused('corner').slice(0, half),
    ...diagonalsOf(observations, at).filter(helps).slice(0, half),
  ];
  const named = lengths.length > 0 ? lengths : others();
  if (named.length === 0) return null;
  return refuse('survey-underdetermined', {
    missing: count - rank,
    measure: named.map(({ of, name }) => ({ of, name })),
  });
}

/** The distances between corners that are no neighbours and see each other. */
function diagonalsOf(observations: readonly Observation[], corners: readonly Point[]): Observation[] {
  const names = observations.flatMap(({ of, name }) => (of === 'corner' ? name.replace('corner ', '') : []));
  const place = (face: number): LoopPlace => ({ face, from: 'left', distance: 0 });
  return corners.flatMap((_, from) =>
    corners.flatMap((__, to): Observation[] =>
      to < from + 2 || (from === 0 && to === corners.length - 1) || !seeEachOther(corners, from, to)
        ? []
        : [
            {
              id: '',
              name: `${names[from]} to ${names[to]}`,
              of: 'distance',
              from: place(from),
              to: place(to),
              given: 0,
              sigma: 1,
              standing: 'measured',
            },
          ],
    ),
  );
}

import { named } from '../../nouns';
import { baseDifference } from '../../ranges/mixing';
import { findRange, isCabinetRange, rangesOf } from '../../ranges/shelf';
import { runs } from '../../setting/runs';
import type { Finding, Rule } from '../rule';

/** The cabinets of a run are of one range: two seldom stand at one height. */
export const mixedRanges: Rule = {
  id: 'mixed-ranges',
  level: 'guideline',
  parameters: { 'inch-residential': {}, 'metric-residential': {} },
  check({ design, room }) {
    const known = rangesOf(design);
    return runs(design).flatMap((run): Omit<Finding, 'rule'>[] => {
      const cabinets = run.filter(({ record }) => {
        const range = findRange(record.range, known);
        return range !== undefined && isCabinetRange(range);
      });
      const ids = new Set(cabinets.map(({ record }) => record.range));
      if (ids.size < 2) return [];
      const own = ids.has(room.range) ? room.range : cabinets[0]!.record.range;
      const others = cabinets.filter(({ record }) => record.range !== own);
      const [range, than] = [findRange(others[0]!.record.range, known)!, findRange(own, known)!];
      return [
        {
          verdict: 'tight',
          ids: others.map(({ id }) => id),
          place: others[0]!.footprint,
          measured: baseDifference(range, than)?.height ?? 0,
          required: 0,
          names: [named(range.name), named(than.name)],
        },
      ];
    });
  },
};

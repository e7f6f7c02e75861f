import { baseDifference } from '../../ranges/mixing';
import { findRange, isCabinetRange, rangesOf } from '../../ranges/shelf';
import { roomOf } from '../../document/design';
import { named } from '../../nouns';
import { runs, type Run } from '../../setting/runs';
import type { Measure } from '../measure';

/** How many cabinets of a run are of another range than the room's: two seldom stand at one height. */
export const mixedRanges: Measure<Run> = {
  id: 'mixed-ranges',
  subjects: runs,
  take(run, look) {
    const known = look.at(rangesOf);
    const room = look.at(roomOf);
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
        key: others[0]!.id,
        ids: others.map(({ id }) => id),
        place: others[0]!.footprint,
        about: [named(range.name), named(than.name)],
        values: { others: others.length, higher: baseDifference(range, than)?.height ?? 0 },
      },
    ];
  },
};

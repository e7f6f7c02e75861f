import { isAtLeast } from '../held';
import { distanceToPath, distanceToSegment } from '../../geometry/polygon';
import { place } from '../../geometry/point';
import { fixtures } from '../facts/fixtures';
import { placedOpenings } from '../../survey/openings';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** Windows near a tub or shower: how high their glass begins above its floor, and whether low glass so near is safety glass. */
export const wetGlass: Measure<ItemBox> = {
  id: 'wet-glass',
  subjects: (design) => [...fixtures(design, 'shower'), ...fixtures(design, 'tub')],
  take(box, look, { near = 0, high = 0 }) {
    const ring = [...box.footprint, box.footprint[0]!];
    return look.at(placedOpenings).flatMap((opening): Reading[] => {
      const { record, at, u } = opening;
      if (record.type !== 'window') return [];
      const other = place(at, u, record.width, u, 0);
      const away = Math.min(
        distanceToPath(at, ring),
        distanceToPath(other, ring),
        ...box.footprint.map((corner) => distanceToSegment(corner, at, other)),
      );
      if (isAtLeast(away, near)) return [];
      const bottom = record.sill - box.low;
      const isLow = !isAtLeast(bottom, high);
      const untempered = !isLow || record.safetyGlass === true ? 0 : record.safetyGlass === false ? 1 : null;
      return [
        {
          key: `${box.id} ${record.id}`,
          ids: [record.id, box.id],
          place: [at, other, ...box.footprint.slice(0, 1)],
          about: [{ of: record.id }, { of: box.id }],
          values: { 'glass-bottom': bottom, 'untempered-panes': untempered },
          ...(untempered === null && { lacking: ['safety-glass'] as const }),
        },
      ];
    });
  },
};

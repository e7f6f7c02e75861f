import { dot, subtract } from '../../geometry/point';
import { placedOpenings } from '../../survey/openings';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** What is cooked on stands no farther than this before the window's wall, mm. */
const BEFORE = 1_000;

/** How much of a window that opens is over what is cooked on, or so near beside it. */
export const cookingWindow: Measure<ItemBox> = {
  id: 'cooking-window',
  subjects: (design) => fixtures(design, 'cooking'),
  take(box, look, { near = 0 }) {
    return look.at(placedOpenings).flatMap((opening): Reading[] => {
      const { record, at, u, n } = opening;
      if (record.type !== 'window' || record.action === 'fixed') return [];
      const corners = box.rectangle.map((corner) => subtract(corner, at));
      const out = Math.min(...corners.map((corner) => dot(corner, n)));
      if (out < -BEFORE || out > BEFORE || dot(box.n, n) < 0.7) return [];
      const along = corners.map((corner) => dot(corner, u));
      const over = Math.min(record.width, Math.max(...along) + near) - Math.max(0, Math.min(...along) - near);
      if (over <= -record.width) return [];
      return [
        {
          key: `${box.id} ${record.id}`,
          ids: [box.id, record.id],
          place: box.footprint,
          about: [{ of: box.id }, { of: record.id }],
          values: { 'window-overlap': Math.max(0, over) },
        },
      ];
    });
  },
};

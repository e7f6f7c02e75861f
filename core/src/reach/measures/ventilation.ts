import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The air that the hood over what is cooked on moves: none without one. */
export const ventilation: Measure<ItemBox> = {
  id: 'ventilation',
  subjects: (design) => fixtures(design, 'cooking'),
  take(box, look) {
    const hoods = look
      .near(box.footprint)
      .flatMap(({ box: other }) => (other?.kind.id === 'hood' ? [other] : []))
      .filter((hood) => deepestOverlap(hood.pieces, box.pieces) > TOUCH);
    const flows = hoods.map(({ record }) => record.facts?.airflow ?? null);
    const known = flows.filter((flow) => flow !== null);
    const own = hoods.map(({ id }) => id);
    const isOpen = known.length < flows.length;
    return [
      {
        key: box.id,
        // What is missing is noted on the hood.
        ids: isOpen ? [...own, box.id] : [box.id, ...own],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { ventilation: isOpen ? null : Math.max(0, ...known) },
        ...(isOpen && { lacking: ['airflow'] as const }),
      },
    ];
  },
};

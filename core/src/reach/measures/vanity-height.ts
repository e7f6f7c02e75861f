import { recordOf } from '../../document/design';
import { kindOf } from '../../ranges/kinds';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** How high the tops of vanities stand above the floor. */
export const vanityHeight: Measure<Top> = {
  id: 'vanity-height',
  subjects: (design) =>
    tops(design).filter(({ items }) =>
      items.some((id) => kindOf(recordOf(design, 'item', id)!.type).group === 'vanity'),
    ),
  take: ({ items, outline, surface }) => [
    {
      key: items[0]!,
      ids: items,
      place: outline[0]!,
      about: [{ of: items[0]!, as: 'top-over' }],
      values: { 'vanity-top': surface },
    },
  ],
};

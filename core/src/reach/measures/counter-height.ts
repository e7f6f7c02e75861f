import { isOwnTop } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import { recordOf, roomOf } from '../../document/design';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** The counter that suits someone so tall: half of that and so much, mm. */
const OVER_HALF = 50;
const suiting = (tall: number): number => tall / 2 + OVER_HALF;

/** How high countertops stand, and how far off the height decided for the room. A vanity has a height of its own, as has a top by itself. */
export const counterHeight: Measure<Top> = {
  id: 'counter-height',
  subjects: (design) =>
    tops(design).filter(
      ({ items }) =>
        !items.every((id) => {
          const kind = kindOf(recordOf(design, 'item', id)!.type);
          return kind.group === 'vanity' || isOwnTop(kind);
        }),
    ),
  take({ items, outline, surface }, look) {
    const { counterHeight: standard, userHeight } = look.at(roomOf);
    return [
      {
        key: items[0]!,
        ids: items,
        place: outline[0]!,
        about: [],
        values: {
          height: surface,
          off: Math.abs(surface - standard),
          standard,
          ...(userHeight !== undefined && { 'off-user': Math.abs(surface - suiting(userHeight)) }),
        },
      },
    ];
  },
};

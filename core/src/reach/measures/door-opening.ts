import { placedOpenings, floorBefore, type PlacedOpening } from '../../survey/openings';
import type { Measure } from '../measure';

/** How many leaves stand within an opening once they are open at a right angle; those that slide away leave all of it. */
const leavesIn: Readonly<Record<string, number>> = { hinged: 1, double: 2, folding: 1 };

/** The clear opening of entry doors: the distance of the jambs less what open leaves take of it. */
export const doorOpening: Measure<PlacedOpening> = {
  id: 'door-opening',
  subjects: (design) =>
    placedOpenings(design).filter(({ record }) => record.type === 'door' || record.type === 'cased'),
  take(opening) {
    const { id, type, action, width, leaf } = opening.record;
    const leaves = type === 'door' ? (leavesIn[action] ?? 0) : 0;
    return [
      {
        key: id,
        ids: [id],
        place: floorBefore(opening, 0, 100),
        about: [{ of: id }],
        values: { 'clear-opening': width - leaves * leaf },
      },
    ];
  },
};

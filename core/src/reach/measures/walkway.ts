import { roomShape, type RoomShape } from '../../survey/room-shape';
import { takenWays } from '../facts/ways';
import type { Measure } from '../measure';

/** The narrowest place of the ways that people must take: from doorway to doorway, and to where one works. */
export const walkway: Measure<RoomShape> = {
  id: 'walkway',
  subjects: (design) => [roomShape(design)],
  take(_, look) {
    const ways = look.at(takenWays);
    if (ways.length === 0) return [];
    const { ids, width, from, to } = ways.reduce((one, other) => (other.width < one.width ? other : one));
    return [
      {
        key: 'room',
        ids,
        place: [from, to],
        about: ids.map((of) => ({ of })),
        values: { narrowest: width },
      },
    ];
  },
};

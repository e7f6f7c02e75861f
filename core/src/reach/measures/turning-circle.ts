import { perDesign, type Design } from '../../document/design';
import { largestCircle } from '../../geometry/largest-circle';
import { direction, add, scale } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { freeFloor } from '../facts/floor';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import type { Measure } from '../measure';

/** Sides of the polygon that shows the circle. */
const SIDES = 48;

/** The largest circle on the floor that nothing stands in: where one can turn round. */
export const turningCircle: Measure<RoomShape> = {
  id: 'turning-circle',
  subjects: (design) => [roomShape(design)],
  take(_, look) {
    const { room, centre, radius } = look.at(largest);
    return [
      {
        key: room,
        ids: [],
        place: Array.from({ length: SIDES }, (_, index) =>
          add(centre, scale(direction((2 * Math.PI * index) / SIDES), radius)),
        ),
        about: [],
        values: { 'largest-clear-circle': 2 * radius },
      },
    ];
  },
};

const largest = perDesign((design: Design) => {
  const floor = freeFloor(design).map((ring) => ({ ring, area: signedArea(ring) }));
  // What stands from wall to wall parts the floor: each part has its own outline. A hole as large lies round it, not in it.
  const found = floor.flatMap(({ ring, area }) => {
    const holes = floor.filter((other) => other.area < 0 && -other.area < area);
    return area > 0
      ? (largestCircle(
          ring,
          holes.map((hole) => hole.ring),
        ) ?? [])
      : [];
  });
  const none = { centre: roomShape(design).outline[0]!, radius: 0 };
  return { room: 'room', ...found.reduce((one, other) => (other.radius > one.radius ? other : one), none) };
});

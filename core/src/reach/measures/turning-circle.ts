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
  const { rings } = freeFloor(design);
  // Every ring is an edge of the floor: what is within the largest and within no other is free.
  const sizes = rings.map((ring) => Math.abs(signedArea(ring)));
  const outer = rings[sizes.indexOf(Math.max(...sizes))];
  const found =
    outer &&
    largestCircle(
      outer,
      rings.filter((ring) => ring !== outer),
    );
  return { room: 'room', ...(found ?? { centre: roomShape(design).outline[0]!, radius: 0 }) };
});

import { perDesign, type Design } from '../../document/design';
import { place, type Point } from '../../geometry/point';
import { floorBetween, shortestWalk, type Floor, type Walk } from '../../geometry/shortest-walk';
import { isMovable } from '../../ranges/item-kind';
import { bodiesOf } from '../../setting/bodies';
import { roomShape } from '../../survey/room-shape';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';

/** What starts lower than this is walked round, mm. */
const LOW = 900;

/** The floor that is free to walk on: the room's without what stands on it and stays. */
export const freeFloor: (design: Design) => Floor = perDesign((design) => {
  const solids = bodiesOf(design)
    .filter(({ low, box }) => low < LOW && !(box && (isMovable(box.kind) || box.kind.within)))
    .flatMap(({ pieces }) => pieces);
  return floorBetween(roomShape(design).outline, solids);
});

/** The shortest walk between two places of a design; null where there is none. */
export const walkBetween = (design: Design, from: Point, to: Point): Walk | null =>
  shortestWalk(freeFloor(design), from, to);

/** The doorways of a room, and the middle of each, a hair within the room. */
export const doorways = (design: Design): { opening: PlacedOpening; at: Point }[] =>
  placedOpenings(design)
    .filter(({ record }) => record.type === 'door' || record.type === 'cased')
    .map((opening) => ({
      opening,
      at: place(opening.at, opening.u, opening.record.width / 2, opening.n, 1),
    }));

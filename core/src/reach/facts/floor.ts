import { perDesign, type Design } from '../../document/design';
import { place, type Point } from '../../geometry/point';
import type { Polygon } from '../../geometry/polygon';
import { union, without } from '../../geometry/region';
import { floorBetween, shortestWalk, type Floor, type Walk } from '../../geometry/shortest-walk';
import { turningCorners } from '../../geometry/turning-corners';
import { isMovable } from '../../ranges/item-kind';
import { bodiesOf } from '../../setting/bodies';
import { roomShape } from '../../survey/room-shape';
import { placedOpenings, type PlacedOpening } from '../../survey/openings';

/** What starts lower than this is walked round, mm. */
const LOW = 900;

/** What stands on the floor and stays, as convex pieces. */
const standing = perDesign((design) =>
  bodiesOf(design)
    .filter(({ low, box }) => low < LOW && !(box && (isMovable(box.kind) || box.kind.within)))
    .flatMap(({ pieces }) => pieces),
);

/** The floor that nothing stands on: outlines counter-clockwise, holes clockwise. */
export const freeFloor: (design: Design) => readonly Polygon[] = perDesign((design) => {
  const outline = [roomShape(design).outline];
  const region = standing(design).length > 0 ? without(outline, standing(design)) : union(outline);
  return region.map(turningCorners);
});

/** That floor to walk on: the room's without what stands on it and stays. */
const walkedFloor: (design: Design) => Floor = perDesign((design) =>
  floorBetween(roomShape(design).outline, standing(design)),
);

/** The shortest walk between two places of a design; null where there is none. */
export const walkBetween = (design: Design, from: Point, to: Point): Walk | null =>
  shortestWalk(walkedFloor(design), from, to);

/** The doorways of a room, and the middle of each, a hair within the room. */
export const doorways = (design: Design): { opening: PlacedOpening; at: Point }[] =>
  placedOpenings(design)
    .filter(({ record }) => record.type === 'door' || record.type === 'cased')
    .map((opening) => ({
      opening,
      at: place(opening.at, opening.u, opening.record.width / 2, opening.n, 1),
    }));

import { perDesign, type Design } from '../../document/design';
import { place, type Point } from '../../geometry/point';
import { union, without } from '../../geometry/region';
import { floorMesh } from '../../geometry/floor-mesh';
import { narrowestTo, widestWays, type Narrowest } from '../../geometry/widest-way';
import { turningCorners } from '../../geometry/turning-corners';
import { isMovable } from '../../ranges/item-kind';
import { bodiesOf } from '../../setting/bodies';
import { roomShape } from '../../survey/room-shape';
import { finishedEdges } from './fronts';
import { doorways } from './floor';
import { workCentres } from './work-centres';

/** What begins lower than this is walked round; what ends no higher is walked over, mm. */
const LOW = 900;
const FLUSH = 30;
/** About a doorway and a place one works at nothing is too narrow, mm. */
const ABOUT = 600;

/** The floor between finished fronts: with the doors, handles and tops that stand out before the boxes. */
const finishedFloor = perDesign((design) => {
  const solids = bodiesOf(design).flatMap(({ low, high, box, pieces }): (readonly Point[])[] => {
    if (low >= LOW || high <= FLUSH || (box && (isMovable(box.kind) || box.kind.within))) return [];
    const before = box
      ? finishedEdges(design, box).flatMap(({ from, to, out, by }) =>
          by > 0 ? [[from, to, place(to, out, -by, out, 0), place(from, out, -by, out, 0)]] : [],
        )
      : [];
    return [...pieces, ...before];
  });
  const outline = [roomShape(design).outline];
  const rings = solids.length > 0 ? without(outline, solids) : union(outline);
  return rings.map(turningCorners);
});

/** A way that people must take: from a doorway to another, or to where one works, and where it is narrowest. */
export interface TakenWay extends Narrowest {
  ids: readonly [string, string];
}

/** Every such way of a design. */
export const takenWays: (design: Design) => readonly TakenWay[] = perDesign((design) => {
  const doors = doorways(design).map(({ opening, at }) => ({ id: opening.record.id, at }));
  const ends = [...doors, ...workCentres(design).map(({ box, at }) => ({ id: box.id, at }))];
  const mesh = doors.length > 0 && ends.length > 1 ? floorMesh(finishedFloor(design)) : null;
  if (!mesh) return [];
  return doors.flatMap((door, index) => {
    const ways = widestWays(mesh, door.at, ABOUT);
    return ends.slice(index + 1).flatMap((end): TakenWay[] => {
      const found = narrowestTo(ways, door.at, end.at, ABOUT);
      return found ? [{ ...found, ids: [door.id, end.id] }] : [];
    });
  });
});

import { perDesign, type Design } from '../../document/design';
import { rememberOne } from '../../document/remember';
import { BoundsIndexes } from '../../geometry/bounds-index';
import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { itemBoxes } from '../../setting/item-box';
import { placedOpenings } from '../../survey/openings';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { itemSweeps, openingSweeps, type Sweep } from './sweeps';

/** What every door, drawer and flap of a design sweeps. */
export const allSweeps: (design: Design) => readonly Sweep[] = perDesign((design) => [
  ...placedOpenings(design).flatMap(openingSweeps),
  ...itemBoxes(design).flatMap((box) => itemSweeps(design, box)),
]);

const extentOf = rememberOne(({ swept }: Sweep) => boundsOf(swept.outline));
const indexesOf = rememberOne((_shape: RoomShape) => new BoundsIndexes(extentOf));
const indexOf = perDesign((design) => indexesOf(roomShape(design)).next(allSweeps(design)));

/** The sweeps whose extent meets that of some points, so much wider, mm: the very same list until something near changes. */
export const sweepsNear = (design: Design, points: readonly Point[], wider: number): readonly Sweep[] =>
  indexOf(design).near(points, wider);

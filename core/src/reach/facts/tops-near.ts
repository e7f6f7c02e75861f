import { perDesign, type Design } from '../../document/design';
import { rememberOne } from '../../document/remember';
import { BoundsIndexes } from '../../geometry/bounds-index';
import { convexPieces } from '../../geometry/convex-pieces';
import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import { roomShape, type RoomShape } from '../../survey/room-shape';
import { tops, type Top } from '../../surfaces/tops';

const extentOf = rememberOne(({ outline }: Top) => boundsOf(outline[0]!));
const indexesOf = rememberOne((_shape: RoomShape) => new BoundsIndexes(extentOf));
const indexOf = perDesign((design) => indexesOf(roomShape(design)).next(tops(design)));

/** The tops whose extent meets that of some points, so much wider, mm: the very same list until something near changes. */
export const topsNear = (design: Design, points: readonly Point[], wider: number): readonly Top[] =>
  indexOf(design).near(points, wider);

/** The outline of a top as convex pieces. */
export const topPieces = rememberOne(({ outline }: Top) => convexPieces(outline[0]!));

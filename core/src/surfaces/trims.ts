import { perDesign, type Design } from '../document/design';
import type { TrimPiece } from './trim-piece';
import { trimsAlongLinings } from './trims-along-linings';
import { trimsAlongItems } from './trims-along-items';
import { trimsAlongWalls } from './trims-along-walls';

/** Every trim of the room: cornices and light rails along the fronts and free ends of cabinets, skirtings and coves along the walls, cappings on linings. */
export const trims: (design: Design) => readonly TrimPiece[] = perDesign((design) => [
  ...trimsAlongItems(design),
  ...trimsAlongWalls(design),
  ...trimsAlongLinings(design),
]);

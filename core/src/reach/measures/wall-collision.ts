import { contains, distanceToPath } from '../../geometry/polygon';
import { stretchesOfPath } from '../../setting/strip';
import type { Point } from '../../geometry/point';
import { SAME_PLACE, TOUCH } from '../../geometry/tolerance';
import { headroom } from '../../survey/ceiling';
import { facePath, projectOn, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { slantOf } from '../../solids/solids';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far an item goes into a wall, or above the ceiling; nothing where it is cut to what slants there. */
export const wallCollision: Measure<ItemBox> = {
  id: 'wall-collision',
  subjects: itemBoxes,
  take(box, look) {
    const shape = look.at(roomShape);
    if (box.record.cutRound && look.at((design) => slantOf(design, box) !== null)) return [];
    const found: Reading[] = [];
    const base = { ids: [box.id], place: box.footprint };
    const worst = deepest(box, shape.faces, shape.outline);
    if (worst && worst.depth > TOUCH)
      found.push({
        ...base,
        key: `${box.id} wall`,
        about: [{ of: box.id }, { of: worst.face }],
        values: { overlap: worst.depth },
      });
    const room = Math.min(...box.pieces.map((piece) => headroom(shape.ceiling, piece)));
    if (box.high > room + TOUCH)
      found.push({
        ...base,
        key: `${box.id} ceiling`,
        about: [{ of: box.id }, 'ceiling'],
        values: { overlap: box.high - room },
      });
    return found;
  },
};

/** How deep, mm, an item goes into the walls: by its corners outside the room, or by a wall corner inside it. */
function deepest(
  box: ItemBox,
  faces: readonly PlacedFace[],
  outline: readonly Point[],
): { depth: number; face: string } | null {
  let worst: { depth: number; face: string } | null = null;
  /** What lies on a half wall, or higher, goes over it. */
  const over = (face: PlacedFace) => face.wallHeight !== null && box.low >= face.wallHeight - TOUCH;
  const note = (depth: number, face: string) => {
    if (!worst || depth > worst.depth) worst = { depth, face };
  };
  /** The nearest wall; of two that meet there, the one the point is farther behind. */
  const toWall = (point: Point) => {
    let nearest = { depth: Infinity, behind: -Infinity, face: '', over: false };
    for (const face of faces) {
      const depth = distanceToPath(point, facePath(face));
      const behind = -projectOn(face, point).out;
      const same = Math.abs(depth - nearest.depth) < SAME_PLACE;
      if (same ? behind > nearest.behind : depth < nearest.depth)
        nearest = { depth, behind, face: face.id, over: over(face) };
    }
    return nearest;
  };
  for (const corner of box.footprint) {
    if (contains(outline, corner)) continue;
    const nearest = toWall(corner);
    if (!nearest.over) note(nearest.depth, nearest.face);
  }
  const { record, origin, u, n } = box;
  const { width, depth } = record;
  const alongBack = { origin, u, n, near: TOUCH, far: depth };
  const outwards = { origin, u: n, n: u, near: TOUCH, far: width - TOUCH };
  for (const face of faces) {
    if (over(face)) continue;
    const path = facePath(face);
    // Moved out from its back, or in again, it is clear of the wall by this.
    const out = Math.max(
      0,
      ...stretchesOfPath(outwards, path).map(([from, to]) => Math.min(depth - from, to)),
    );
    for (const [from, to] of stretchesOfPath(alongBack, path)) {
      const across = Math.min(to, width) - Math.max(from, 0);
      const through = Math.min(width - from, to);
      if (through > TOUCH && from < width - TOUCH && to > TOUCH)
        note(Math.max(TOUCH * 2, Math.min(across, through, out)), face.id);
    }
  }
  return worst;
}

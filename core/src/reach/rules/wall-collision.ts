import { named, noun } from '../../nouns';
import { contains, distanceToPath } from '../../geometry/polygon';
import { stretchesOfPath } from '../../setting/strip';
import type { Point } from '../../geometry/point';
import { SAME_PLACE, TOUCH } from '../../geometry/tolerance';
import { headroom } from '../../survey/ceiling';
import { facePath, projectOn, type PlacedFace } from '../../survey/placed-face';
import type { ItemBox } from '../../setting/item-box';
import type { Rule } from '../rule';

/** An item goes into a wall, or above the ceiling. */
export const wallCollision: Rule = {
  id: 'wall-collision',
  level: 'collision',
  parameters: { 'inch-residential': {}, 'metric-residential': {} },
  check({ boxes, shape }) {
    return boxes.flatMap((box) => {
      const found = [];
      const base = { verdict: 'blocked' as const, ids: [box.id], place: box.footprint, required: 0 };
      const worst = deepest(box, shape.faces, shape.outline);
      if (worst && worst.depth > TOUCH)
        found.push({
          ...base,
          measured: worst.depth,
          names: [named(box.record.code), noun('face', worst.letter)],
        });
      const room = Math.min(...box.pieces.map((piece) => headroom(shape.ceiling, piece)));
      if (box.high > room + TOUCH) {
        found.push({
          ...base,
          measured: box.high - room,
          names: [named(box.record.code), 'ceiling' as const],
        });
      }
      return found;
    });
  },
};

/** How deep, mm, an item goes into the walls: by its corners outside the room, or by a wall corner inside it. */
function deepest(
  box: ItemBox,
  faces: readonly PlacedFace[],
  outline: readonly Point[],
): { depth: number; letter: string } | null {
  let worst: { depth: number; letter: string } | null = null;
  /** What lies on a half wall, or higher, goes over it. */
  const over = (face: PlacedFace) => face.wallHeight !== null && box.low >= face.wallHeight - TOUCH;
  const note = (depth: number, letter: string) => {
    if (!worst || depth > worst.depth) worst = { depth, letter };
  };
  /** The nearest wall; of two that meet there, the one the point is farther behind. */
  const toWall = (point: Point) => {
    let nearest = { depth: Infinity, behind: -Infinity, letter: '', over: false };
    for (const face of faces) {
      const { letter } = face;
      const depth = distanceToPath(point, facePath(face));
      const behind = -projectOn(face, point).out;
      const same = Math.abs(depth - nearest.depth) < SAME_PLACE;
      if (same ? behind > nearest.behind : depth < nearest.depth)
        nearest = { depth, behind, letter, over: over(face) };
    }
    return nearest;
  };
  for (const corner of box.footprint) {
    if (contains(outline, corner)) continue;
    const nearest = toWall(corner);
    if (!nearest.over) note(nearest.depth, nearest.letter);
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
        note(Math.max(TOUCH * 2, Math.min(across, through, out)), face.letter);
    }
  }
  return worst;
}

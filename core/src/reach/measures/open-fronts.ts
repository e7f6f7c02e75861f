import { isMovable } from '../../ranges/item-kind';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { reachIntoSector, sectorOutline } from '../../geometry/sector';
import { contains, distanceToPath } from '../../geometry/polygon';
import type { Point } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import type { Body } from '../../setting/bodies';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { openFronts, type OpenFront } from '../../setting/open-fronts';
import { facePath, type PlacedFace } from '../../survey/placed-face';
import { roomShape } from '../../survey/room-shape';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far short of fully open the doors, drawers and flaps of items hit what stands. Asked for, as it is checked with all of them open. */
export const openFrontsMeasure: Measure<ItemBox> = {
  id: 'open-fronts',
  onRequest: true,
  subjects: itemBoxes,
  take(box, look) {
    return openFronts(box).flatMap((front, index): Reading[] => {
      const outline = 'swing' in front ? sectorOutline(front.swing) : front.reach;
      const what = !('swing' in front) && box.kind.opens === 'drawers' ? 'drawer-of' : 'door-of';
      const own = { of: box.id, as: what } as const;
      const hits = look
        .near(outline)
        .filter((body) => body.id !== box.id && body.low < box.high - TOUCH && body.high > box.low + TOUCH)
        .filter(({ box: other }) => !(other && isMovable(other.kind)) && !isLetInto(other, box))
        .map((body) => ({ body, overlap: reachInto(front, body) }))
        .filter(({ overlap }) => overlap > TOUCH)
        .map(({ body, overlap }): Reading => ({
          key: `${box.id} ${index} ${body.id}`,
          ids: [box.id, body.id],
          place: outline,
          about: [own, { of: body.id }],
          values: { overlap },
        }));
      const shape = look.at(roomShape);
      const wall = intoWall(outline, shape.outline, shape.faces);
      if (!wall) return hits;
      return [
        ...hits,
        {
          key: `${box.id} ${index} wall`,
          ids: [box.id],
          place: outline,
          about: [own, { of: wall.face }],
          values: { overlap: wall.depth },
        },
      ];
    });
  },
};

/** Whether something is let into a cabinet: a hob in its top, a sink, an oven; its doors are made for that. */
function isLetInto(other: ItemBox | null, { kind, pieces }: ItemBox): boolean {
  return !!other?.kind.within?.includes(kind.group) && deepestOverlap(other.pieces, pieces) > TOUCH;
}

function reachInto(front: OpenFront, { pieces }: Body): number {
  return 'swing' in front
    ? Math.max(...pieces.map((piece) => reachIntoSector(piece, front.swing)))
    : deepestOverlap([front.reach], pieces);
}

/** A door that opens along a wall touches it; this much into it still counts as touching, mm. */
const ALONG_WALL = 3;

/** The farthest an open front reaches into a wall, and into which. */
function intoWall(outline: readonly Point[], room: readonly Point[], faces: readonly PlacedFace[]) {
  let worst: { depth: number; face: string } | null = null;
  for (const point of outline) {
    if (contains(room, point)) continue;
    let nearest = { depth: Infinity, face: '' };
    for (const face of faces) {
      const depth = distanceToPath(point, facePath(face));
      if (depth < nearest.depth) nearest = { depth, face: face.id };
    }
    if (nearest.depth > ALONG_WALL && nearest.depth > (worst?.depth ?? 0)) worst = nearest;
  }
  return worst;
}

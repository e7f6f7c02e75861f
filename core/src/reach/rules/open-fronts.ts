import { isMovable } from '../../ranges/item-kind';
import { noun } from '../../nouns';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { reachIntoSector, sectorOutline } from '../../geometry/sector';
import { contains, distanceToPath } from '../../geometry/polygon';
import type { Point } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import { bodiesNear, type Body } from '../../setting/bodies';
import type { ItemBox } from '../../setting/item-box';
import { openFronts, type OpenFront } from '../../setting/open-fronts';
import { facePath, type PlacedFace } from '../../survey/placed-face';
import type { Finding, Rule } from '../rule';

/** Doors, drawers and flaps of items open fully without hitting anything. Asked for, as it is checked with all of them open. */
export const openFrontsRule: Rule = {
  id: 'open-fronts',
  level: 'collision',
  onRequest: true,
  parameters: { 'inch-residential': {}, 'metric-residential': {} },
  check({ boxes, design, shape }) {
    return boxes.flatMap((box) =>
      openFronts(box).flatMap((front): Omit<Finding, 'rule'>[] => {
        const outline = 'swing' in front ? sectorOutline(front.swing) : front.reach;
        const base = { verdict: 'blocked' as const, place: outline, required: 0 };
        const what = !('swing' in front) && box.kind.opens === 'drawers' ? 'drawer-of' : 'door-of';
        const hits = bodiesNear(design, outline)
          .filter((body) => body.id !== box.id && body.low < box.high - TOUCH && body.high > box.low + TOUCH)
          .filter(({ box: other }) => !(other && isMovable(other.kind)) && !isLetInto(other, box))
          .map((body) => ({ body, depth: reachInto(front, body) }))
          .filter(({ depth }) => depth > TOUCH)
          .map(({ body, depth }) => ({
            ...base,
            ids: [box.id, body.id],
            measured: depth,
            names: [noun(what, box.record.code), body.name],
          }));
        const wall = intoWall(outline, shape.outline, shape.faces);
        const walls = wall
          ? [
              {
                ...base,
                ids: [box.id],
                measured: wall.depth,
                names: [noun(what, box.record.code), noun('face', wall.letter)],
              },
            ]
          : [];
        return [...hits, ...walls];
      }),
    );
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
  let worst: { depth: number; letter: string } | null = null;
  for (const point of outline) {
    if (contains(room, point)) continue;
    let nearest = { depth: Infinity, letter: '' };
    for (const face of faces) {
      const depth = distanceToPath(point, facePath(face));
      if (depth < nearest.depth) nearest = { depth, letter: face.letter };
    }
    if (nearest.depth > ALONG_WALL && nearest.depth > (worst?.depth ?? 0)) worst = nearest;
  }
  return worst;
}

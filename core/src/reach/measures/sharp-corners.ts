import { cross, subtract, unit } from '../../geometry/point';
import { distanceToSegment, forEachEdge } from '../../geometry/polygon';
import { roomShape } from '../../survey/room-shape';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** A corner no nearer to walls and solids than this is exposed, mm. */
const EXPOSED = 25;

/** How many corners of a countertop are sharp and touch neither a wall nor what stands there. */
export const sharpCorners: Measure<Top> = {
  id: 'sharp-corners',
  subjects: tops,
  take(top, look) {
    const { outline } = look.at(roomShape);
    const corners = top.rings.flatMap(({ edges, parts }) =>
      edges.flatMap((edge, index) => {
        const next = edges[(index + 1) % edges.length]!;
        // Only outside corners stick out; one that is round or cut off is no corner of the finished outline.
        if (cross(unit(subtract(edge.b, edge.a)), unit(subtract(next.b, next.a))) < 0.1) return [];
        const isThere = parts.some(
          (part) => part.type === 'edge' && Math.hypot(part.b.x - edge.b.x, part.b.y - edge.b.y) < 0.01,
        );
        return isThere ? [edge.b] : [];
      }),
    );
    const exposed = corners.filter((corner) => {
      let away = Infinity;
      forEachEdge(outline, (a, b) => (away = Math.min(away, distanceToSegment(corner, a, b))));
      if (away <= EXPOSED) return false;
      const box = [
        { x: corner.x - EXPOSED, y: corner.y - EXPOSED },
        { x: corner.x + EXPOSED, y: corner.y + EXPOSED },
      ];
      return !look
        .near(box)
        .some(
          ({ id, low, high, pieces }) =>
            !top.items.includes(id) &&
            low < top.surface - 1 &&
            high > top.underside + 1 &&
            pieces.some((piece) => isAt(piece, corner)),
        );
    });
    return [
      {
        key: top.items[0]!,
        ids: top.items,
        place: exposed.length > 0 ? exposed : top.outline[0]!,
        about: [{ of: top.items[0]!, as: 'top-over' }],
        values: { 'sharp-corners': exposed.length },
      },
    ];
  },
};

function isAt(piece: readonly { x: number; y: number }[], corner: { x: number; y: number }): boolean {
  let away = Infinity;
  forEachEdge(piece, (a, b) => (away = Math.min(away, distanceToSegment(corner, a, b))));
  return away <= EXPOSED;
}

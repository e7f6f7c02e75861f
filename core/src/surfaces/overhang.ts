import { MOST_OVERHANG } from '../document/limits';
import { cross, middle, subtract, type Point } from '../geometry/point';
import { forEachEdge } from '../geometry/polygon';
import type { Top } from './tops';

/**
 * How far a top stands past the side of an item that carries it, mm, measured straight out (unit vector) from the middle of the side.
 * Zero where the top goes on over a neighbour, or stops short of the side.
 */
export function overhangPast({ outline }: Pick<Top, 'outline'>, from: Point, to: Point, out: Point): number {
  const start = middle(from, to);
  let nearest = Infinity;
  for (const ring of outline) {
    forEachEdge(ring, (a, b) => {
      const edge = subtract(b, a);
      const turn = cross(out, edge);
      if (Math.abs(turn) < 1e-9) return;
      const away = subtract(a, start);
      const along = cross(away, out) / turn;
      const reach = cross(away, edge) / turn;
      if (along < -1e-9 || along > 1 + 1e-9 || reach < 0) return;
      nearest = Math.min(nearest, reach);
    });
  }
  return nearest <= MOST_OVERHANG ? nearest : 0;
}

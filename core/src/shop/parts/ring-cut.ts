import { cross, distance, dot, subtract, type Point } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';

/** An outline with some of its sides moved in by so much: what is cut before those are edged. mm. */
export function offsetRing(ring: readonly Point[], sides: readonly number[], by: number): Point[] {
  const inwards = signedArea(ring) > 0 ? 1 : -1;
  const count = ring.length;
  const lines = ring.map((from, index) => {
    const to = ring[(index + 1) % count]!;
    const long = distance(from, to);
    const u = { x: (to.x - from.x) / long, y: (to.y - from.y) / long };
    const off = sides.includes(index) ? by * inwards : 0;
    return { at: { x: from.x - u.y * off, y: from.y + u.x * off }, u };
  });
  return ring.map((corner, index) => {
    const [before, after] = [lines[(index + count - 1) % count]!, lines[index]!];
    const turn = cross(before.u, after.u);
    // Along one line there is no corner to find.
    if (Math.abs(turn) < 1e-9)
      return { x: corner.x + after.at.x - ring[index]!.x, y: corner.y + after.at.y - ring[index]!.y };
    const along = cross(subtract(after.at, before.at), after.u) / turn;
    return { x: before.at.x + before.u.x * along, y: before.at.y + before.u.y * along };
  });
}

/** How long some sides of an outline are together, mm. */
export const sidesLength = (ring: readonly Point[], sides: readonly number[]): number =>
  sides.reduce((sum, at) => {
    const way = subtract(ring[(at + 1) % ring.length]!, ring[at]!);
    return sum + Math.sqrt(dot(way, way));
  }, 0);

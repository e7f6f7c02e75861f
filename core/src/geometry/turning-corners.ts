import { cross, distance, subtract } from './point';
import type { Polygon } from './polygon';

/** A corner no farther off the line between its neighbours is none, mm: regions are right to so much. */
const OFF = 0.002;

/** A ring without the corners at which it goes straight on. */
export function turningCorners(ring: Polygon): Polygon {
  const kept: Polygon[number][] = [];
  ring.forEach((corner, index) => {
    const before = kept.at(-1) ?? ring.at(-1)!;
    const after = ring[(index + 1) % ring.length]!;
    const [to, on] = [subtract(corner, before), subtract(after, corner)];
    const off = Math.abs(cross(to, on)) / Math.max(distance(before, after), Number.MIN_VALUE);
    const goesOn = off <= OFF && to.x * on.x + to.y * on.y > 0;
    if (!goesOn) kept.push(corner);
  });
  return kept.length >= 3 ? kept : ring;
}

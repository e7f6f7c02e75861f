import type { OutlinePlace } from '../../document/records';
import { quantise } from '../../units/units';
import type { Model } from './model';

/** Looked at from so many sides. */
const SIDES = 24;

/**
 * The outline of an object on the floor, mm: its convex hull as far as that shows from 24 sides, so that it goes as far as the object does along both
 * its sides; walked from left to right along the back. Nothing where that is its rectangle.
 */
export function outlineOf(
  { parts }: Model,
  { width, depth }: { width: number; depth: number },
): OutlinePlace[] | null {
  const ways = Array.from({ length: SIDES }, (_, index) => {
    const angle = (2 * Math.PI * index) / SIDES - Math.PI / 2;
    return { along: Math.cos(angle), out: Math.sin(angle), far: -Infinity, at: { along: 0, out: 0 } };
  });
  for (const { positions } of parts)
    for (let i = 0; i < positions.length; i += 3) {
      const [along, out] = [positions[i]!, positions[i + 2]!];
      for (const way of ways) {
        const far = along * way.along + out * way.out;
        if (far > way.far + 1e-3) [way.far, way.at] = [far, { along, out }];
      }
    }
  const within = (value: number, most: number) => quantise(Math.min(most, Math.max(0, value)));
  const corners = ways
    .map(({ at }) => ({ along: within(at.along, width), out: within(at.out, depth) }))
    .filter(({ along, out }, index, all) => {
      const before = all.at(index - 1)!;
      return Math.hypot(along - before.along, out - before.out) > 1;
    });
  const area = corners.reduce((sum, a, index) => {
    const b = corners[(index + 1) % corners.length]!;
    return sum + (a.along * b.out - b.along * a.out) / 2;
  }, 0);
  // A fortieth of its rectangle is no more than rounded corners.
  return corners.length < 3 || area > width * depth * (1 - 1 / 40) ? null : corners;
}

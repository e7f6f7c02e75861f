import type { Point } from '../geometry/point';
import type { RoomShape } from './room-shape';

/**
 * How far, mm, most of a room seems to move from one shape to another, because its first corner is always the origin: a view
 * that moves by as much the other way shows only what really changed. Corners are matched by the face they start.
 */
export function sharedShift(before: RoomShape, after: RoomShape): Point {
  const shifts = after.faces.flatMap(({ id, start }) => {
    const was = before.byId.get(id)?.start;
    return was ? [{ x: start.x - was.x, y: start.y - was.y }] : [];
  });
  const votes = new Map<string, { shift: Point; count: number }>();
  for (const shift of shifts) {
    const key = `${shift.x.toFixed(1)} ${shift.y.toFixed(1)}`;
    const vote = votes.get(key) ?? { shift, count: 0 };
    vote.count += 1;
    votes.set(key, vote);
  }
  const still = { shift: { x: 0, y: 0 }, count: 1 };
  return [...votes.values()].reduce((best, vote) => (vote.count > best.count ? vote : best), still).shift;
}

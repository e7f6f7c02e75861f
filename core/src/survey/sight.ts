import { middle, type Point } from '../geometry/point';
import { contains, forEachEdge, segmentsCross } from '../geometry/polygon';

/** Whether a tape can be stretched between two corners inside the room. */
export function seeEachOther(loop: readonly Point[], from: number, to: number): boolean {
  const count = loop.length;
  if (to === from + 1 || (from === 0 && to === count - 1)) return true;
  const [a, b] = [loop[from]!, loop[to]!];
  if (!contains(loop, middle(a, b))) return false;
  let clear = true;
  forEachEdge(loop, (p, q, index) => {
    const own = [index, (index + 1) % count].some((corner) => corner === from || corner === to);
    if (!own && segmentsCross(a, b, p, q)) clear = false;
  });
  return clear;
}

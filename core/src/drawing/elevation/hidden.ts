import type { Point } from '../../geometry/point';
import type { Panel } from './panels';

/** Panels stand before one another by more than this, mm. */
const BEFORE = 0.01;
/** Strokes shorter than this are no strokes, mm. */
const LEAST_STROKE = 1e-6;

/** Whether one panel hides what it lies over of another: it is nearer to the viewer there, or what is let into the other. */
export function hides(near: Panel, far: Panel): boolean {
  if (near.solid === far.solid && near.solid.of !== 'wall') return false;
  const from = Math.max(near.left, far.left);
  const to = Math.min(near.right, far.right);
  if (to <= from || near.low >= far.high || near.high <= far.low) return false;
  const middle = (from + to) / 2;
  const by = outAt(near, middle) - outAt(far, middle);
  if (Math.abs(by) > BEFORE) return by > 0;
  return isLetInto(near, far);
}

/** What hides each of some panels, of those that do not lie sunk in others: only those that share some of its length are asked. */
export function hidingOf(panels: readonly Panel[]): (panel: Panel) => readonly Panel[] {
  const byLeft = [...panels].sort((a, b) => a.left - b.left);
  const widest = Math.max(0, ...panels.map(({ left, right }) => right - left));
  const known = new Map<Panel, readonly Panel[]>();
  return (panel) => {
    let hiding = known.get(panel);
    if (!hiding) {
      const found: Panel[] = [];
      for (let i = firstFrom(byLeft, panel.left - widest); i < byLeft.length; i++) {
        const other = byLeft[i]!;
        if (other.left >= panel.right) break;
        if (other.right > panel.left && hides(other, panel)) found.push(other);
      }
      known.set(panel, (hiding = found));
    }
    return hiding;
  };
}

/** The first of some panels, sorted by their left ends, that begins at a place or after it. */
function firstFrom(byLeft: readonly Panel[], place: number): number {
  let [low, high] = [0, byLeft.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (byLeft[middle]!.left < place) low = middle + 1;
    else high = middle;
  }
  return low;
}

function isLetInto({ solid: { box } }: Panel, { solid: host }: Panel): boolean {
  return box !== null && host.box !== null && (box.kind.within?.includes(host.box.kind.group) ?? false);
}

/** How far out a panel stands at a place along the view. */
export function outAt({ left, right, outLeft, outRight }: Panel, along: number): number {
  return outLeft + ((outRight - outLeft) * (along - left)) / (right - left);
}

/** What of a panel hides: its rectangle. */
export type Cover = Pick<Panel, 'high' | 'left' | 'low' | 'right'>;

/** What is seen of a stroke behind some panels: exact, for their rectangles are convex. A stroke along the edge of what hides it is that one's. */
export function seenOf(a: Point, b: Point, hiding: readonly Cover[]): [Point, Point][] {
  let seen: [number, number][] = [[0, 1]];
  for (const panel of hiding) {
    const hidden = shareWithin(a, b, panel);
    if (!hidden) continue;
    seen = seen.flatMap(([from, to]): [number, number][] => [
      [from, Math.min(to, hidden[0])],
      [Math.max(from, hidden[1]), to],
    ]);
    const size = Math.hypot(b.x - a.x, b.y - a.y);
    seen = seen.filter(([from, to]) => (to - from) * size > LEAST_STROKE);
    if (seen.length === 0) return [];
  }
  const at = (t: number): Point =>
    t === 0 ? a : t === 1 ? b : { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t };
  return seen.map(([from, to]) => [at(from), at(to)]);
}

/** The shares of a segment between which it is within a rectangle, its edges included (Liang and Barsky's clipping); null where it is outside. */
function shareWithin(a: Point, b: Point, { left, right, low, high }: Cover): [number, number] | null {
  let [from, to] = [0, 1];
  const bounds = [
    [a.x - b.x, a.x - left],
    [b.x - a.x, right - a.x],
    [a.y - b.y, a.y - low],
    [b.y - a.y, high - a.y],
  ] as const;
  for (const [run, room] of bounds) {
    if (Math.abs(run) < 1e-12) {
      if (room < -1e-9) return null;
    } else if (run < 0) from = Math.max(from, room / run);
    else to = Math.min(to, room / run);
  }
  return to - from > 0 ? [from, to] : null;
}

import { cross, distance, subtract, type Point } from '../../geometry/point';
import { SAME, type MachineTool } from './machine';
import type { BoreWork, PocketWork } from './work-piece';

/** A movement of a tool to a place, mm: the sheet's corner at 0, 0, its upper face at 0, down is negative. Along an arc about a centre; without one straight. */
export interface Stroke {
  way: 'arc-left' | 'arc-right' | 'line' | 'rapid';
  to: { x: number; y: number; z: number };
  centre?: Point;
}

/** The tool goes over the sheet to a place, and stands there at this height. */
const over = ({ x, y }: Point, clear: number): Stroke => ({ way: 'rapid', to: { x, y, z: clear } });
const line = ({ x, y }: Point, z: number): Stroke => ({ way: 'line', to: { x, y, z } });
const arc = (way: 'arc-left' | 'arc-right', { x, y }: Point, z: number, centre: Point): Stroke => ({
  ...{ way, centre },
  to: { x, y, z },
});

/** The depths of the passes that a tool takes to a depth, each no more than it takes at once. */
export function passes(depth: number, bite: number): number[] {
  const count = Math.max(1, Math.ceil((depth - SAME) / bite));
  return Array.from({ length: count }, (_, index) => -(depth * (index + 1)) / count);
}

/** A hole by its drill. */
export const drilled = ({ at }: BoreWork, depth: number, clear: number): Stroke[] => [
  over(at, clear),
  line(at, -depth),
  over(at, clear),
];

/** Rings overlap by what is left of this share of a cutter. */
const STEP = 0.7;

/** How far in from an edge a cutter's middle goes, from the innermost ring out to the last. */
function insets(tool: MachineTool, half: number): number[] {
  const last = tool.size / 2;
  const room = half - last;
  const count = Math.max(0, Math.ceil(room / (tool.size * STEP) - SAME));
  return Array.from(
    { length: count + 1 },
    (_, index) => last + (room * (count - index)) / Math.max(count, 1),
  );
}

/** A hole by a cutter that goes round in it. */
export function milledRound(
  { at, size }: BoreWork,
  depth: number,
  tool: MachineTool,
  clear: number,
): Stroke[] {
  const radii = insets(tool, size / 2).map((inset) => size / 2 - inset);
  const strokes: Stroke[] = [over({ x: at.x + radii[0]!, y: at.y }, clear)];
  for (const z of passes(depth, tool.bite))
    for (const radius of radii) {
      const [right, left] = [
        { x: at.x + radius, y: at.y },
        { x: at.x - radius, y: at.y },
      ];
      strokes.push(line(right, z));
      if (radius > SAME) strokes.push(arc('arc-left', left, z, at), arc('arc-left', right, z, at));
    }
  strokes.push(over({ x: at.x + radii.at(-1)!, y: at.y }, clear));
  return strokes;
}

/** Which sides of a pocket are open: a cutter's middle goes as far as the edge there, so that no corner of it is left. */
export type OpenSides = Readonly<Record<'high' | 'left' | 'low' | 'right', boolean>>;

/** What is milled out of a face: rings from within to its sides. */
export function milledOut(
  { at, size: [long, wide], depth }: PocketWork,
  open: OpenSides,
  { tool, clear, deeper }: { tool: MachineTool; clear: number; deeper: number },
): Stroke[] {
  const radius = tool.size / 2;
  // Sides that are open are taken for ones that lie so far out that the cutter's middle comes to them.
  const left = at.x - (open.left ? radius : 0);
  const right = at.x + long + (open.right ? radius : 0);
  const low = at.y - (open.low ? radius : 0);
  const high = at.y + wide + (open.high ? radius : 0);
  const rings = insets(tool, Math.min(right - left, high - low) / 2).map((inset) => [
    { x: left + inset, y: low + inset },
    { x: right - inset, y: low + inset },
    { x: right - inset, y: high - inset },
    { x: left + inset, y: high - inset },
  ]);
  const start = rings[0]![0]!;
  const strokes: Stroke[] = [over(start, clear)];
  for (const z of passes(depth + deeper, tool.bite))
    for (const ring of rings) strokes.push(...[...ring, ring[0]!].map((corner) => line(corner, z)));
  strokes.push(over(rings.at(-1)![0]!, clear));
  return strokes;
}

/** The way of a cutter's middle about an outline, clockwise, so that it cuts with its turn: straight along each side, round each corner that stands out; null where it can't get in. */
export function aboutOutline(
  outline: readonly Point[],
  radius: number,
): { to: Point; centre: Point | null }[] | null {
  const count = outline.length;
  const sides = outline.map((from, index) => {
    const to = outline[(index + 1) % count]!;
    const long = distance(from, to);
    const u = { x: (to.x - from.x) / long, y: (to.y - from.y) / long };
    const out = { x: u.y * radius, y: -u.x * radius };
    return { from, to, u, out };
  });
  const moved = (at: Point, by: Point): Point => ({ x: at.x + by.x, y: at.y + by.y });
  // Of each side where its way begins and ends; at a corner that stands out both are about the corner.
  const corners = sides.map((after, index) => {
    const before = sides[(index + count - 1) % count]!;
    const turn = cross(before.u, after.u);
    if (turn > -SAME)
      return { end: moved(after.from, before.out), start: moved(after.from, after.out), round: turn > SAME };
    const gap = subtract(moved(after.from, after.out), moved(before.to, before.out));
    const along = cross(gap, after.u) / cross(before.u, after.u);
    const at = moved(moved(before.to, before.out), { x: before.u.x * along, y: before.u.y * along });
    return { end: at, start: at, round: false };
  });
  const path: { to: Point; centre: Point | null }[] = [];
  for (let index = count - 1; index >= 0; index--) {
    const { start, end, round } = corners[index]!;
    const next = corners[(index + 1) % count]!;
    const { u, from } = sides[index]!;
    const way = subtract(next.end, start);
    if (way.x * u.x + way.y * u.y < -SAME) return null;
    path.push({ to: start, centre: null });
    if (round) path.push({ to: end, centre: from });
  }
  return path;
}

/** A part cut along its outline, from one depth to another; null where the cutter can't get into it. */
export function cutOut(
  outline: readonly Point[],
  [from, depth]: readonly [from: number, depth: number],
  tool: MachineTool,
  clear: number,
): Stroke[] | null {
  const path = aboutOutline(outline, tool.size / 2);
  if (!path) return null;
  const start = path.at(-1)!.to;
  const strokes: Stroke[] = [over(start, clear)];
  for (const z of passes(depth - from, tool.bite).map((pass) => pass - from)) {
    strokes.push(line(start, z));
    for (const { to, centre } of path) strokes.push(centre ? arc('arc-right', to, z, centre) : line(to, z));
  }
  strokes.push(over(start, clear));
  return strokes;
}

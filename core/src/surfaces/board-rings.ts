import { cross, dot, place, scale, subtract, unit, type Point } from '../geometry/point';
import { AGAINST, SAME_PLACE } from '../geometry/tolerance';
import { hasLegs } from '../ranges/handing';
import type { ItemBox } from '../setting/item-box';
import { itemOutline } from '../setting/item-outline';
import type { Run } from '../setting/runs';
import { tieInPlan, type Around, type Tie } from '../setting/ties';
import { edgeRing, type EdgeLine } from './outline/edge-ring';
import { BACK_REACH } from './run-strip';
import type { EdgeSource, KeyedPolygon } from './top-edge';

/** A side of an item that is no front, in plan. */
export type PlanEnd = 'left' | 'right' | 'behind';

/** How boards (a plinth, a cornice, a light rail) go along an item: between which heights, how far back behind the front of its box, how thick; what is said of how far back they stand at its other sides. Mm. */
export interface Bearing {
  low: number;
  high: number;
  back: number;
  thick: number;
  said?: Partial<Record<PlanEnd, number>>;
}

/** A run that boards go along, how they do along each of it, and what is around it. */
export interface BoardedRun {
  run: Run;
  bearings: readonly Bearing[];
  around: Around;
  /** How boards go along each of what is around it, whose fronts it may stand against; nothing where none do. */
  others: readonly (Bearing | undefined)[];
}

type Beside = Pick<BoardedRun, 'around' | 'others'>;

/** The outlines boards go round along a run before walls and others come to them: of each item that of its box, back behind its fronts; of what stands in line together one. */
export function boardRings({ run, bearings, ...beside }: BoardedRun): KeyedPolygon[] {
  const placed = run.map((box, index): Placed => {
    const next = run[index + 1];
    const bearing = bearings[index]!;
    const to = (side: PlanEnd) => besideOf(beside, box, side, bearing);
    // Boxes may stand a hair apart: the boards go on.
    const gap = next ? Math.max(0, dot(subtract(next.origin, box.origin), box.u) - box.record.width) : 0;
    const front = lineOf(run, index) - bearing.back;
    const behind = to('behind');
    // Between neighbours only a step is seen, where one of them stands further back.
    const step: EdgeSource = { role: 'step', boxes: [box], id: null };
    return {
      box,
      front,
      left: index === 0 ? to('left') : { source: step, over: 0 },
      right: next ? { source: step, over: gap } : to('right'),
      // What is thinner than its boards stand back has them behind it.
      behind: { ...behind, over: Math.max(behind.over, bearing.thick - front) },
    };
  });
  const groups: [Placed, ...Placed[]][] = [];
  for (const one of placed) {
    const last = groups.at(-1);
    if (last && inLine(last[0], one)) last.push(one);
    else groups.push([one]);
  }
  return groups.flatMap((group) => (isPlain(group[0]) ? stripOf(group) : (ringOf(group[0]) ?? [])));
}

const isPlain = ({ box: { kind, record } }: Placed): boolean => !kind.plan && !record.corners;

/** Whether the boards of two items lie in one line, before and behind. */
function inLine(a: Placed, b: Placed): boolean {
  if (!isPlain(a) || !isPlain(b) || a.behind.source.role !== b.behind.source.role) return false;
  const out = dot(subtract(b.box.origin, a.box.origin), a.box.n);
  const same = (one: number, other: number) => Math.abs(one - other) < SAME_PLACE;
  return (
    same(a.front, out + b.front) &&
    same(a.behind.over, b.behind.over - out) &&
    same(cross(a.box.u, b.box.u), 0)
  );
}

/** The outline of what stands in line. */
function stripOf(group: readonly [Placed, ...Placed[]]): KeyedPolygon {
  const [first, last] = [group[0], group.at(-1)!];
  const { origin, u, n } = first.box;
  const left = -first.left.over;
  const right = dot(subtract(last.box.origin, origin), u) + last.box.record.width + last.right.over;
  const [front, back] = [first.front, -first.behind.over];
  const boxes = group.map(({ box }) => box);
  const corners: [number, number][] = [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ];
  return {
    ring: corners.map(([along, out]) => place(origin, u, along, n, out)),
    sides: [
      { role: 'front', boxes, id: null },
      last.right.source,
      { ...first.behind.source, boxes },
      first.left.source,
    ],
  };
}

/** The line an item's front stands in, out of its back, mm: what is no cabinet stands in that of the nearest one. */
export function lineOf(run: Run, index: number): number {
  const box = run[index]!;
  const depth = ({ record }: ItemBox) => record.leg ?? record.depth;
  if (box.kind.group !== 'appliances') return depth(box);
  const cabinets = run
    .map((other, at) => ({ other, away: Math.abs(at - index) }))
    .filter(({ other }) => other.kind.group !== 'appliances' && !other.kind.flat)
    .sort((a, b) => a.away - b.away);
  const nearest = cabinets[0]?.other;
  return nearest ? dot(subtract(nearest.origin, box.origin), box.n) + depth(nearest) : depth(box);
}

/** What a side of the outline is, and how far out of the box it lies, mm. */
interface Side {
  source: EdgeSource;
  over: number;
}

/** A side stands back as far as is said; else one at a wall goes on to it, one at a front to the boards along that. */
function besideOf({ around, others }: Beside, box: ItemBox, side: PlanEnd, bearing: Bearing): Side {
  const { against, record } = box;
  const { placement } = record;
  const own: EdgeSource = { role: side, boxes: [box], id: null };
  const said = bearing.said?.[side];
  // A bent face touches the back somewhere only: on past it, as far as a top would go.
  if (side === 'behind' && against && placement.on === 'face' && placement.off <= BACK_REACH)
    return { source: own, over: against.face.arc ? BACK_REACH : placement.off };
  const tie = tieInPlan(around, box, side, (other) => other.low < bearing.high && other.high > bearing.low);
  if (tie?.to.kind === 'wall' && tie.distance <= BACK_REACH)
    return { source: own, over: said === undefined ? toWall(around, box, side, tie) : -said };
  if (tie && tie.distance <= AGAINST) {
    const index = around.bodies.findIndex(({ id }) => id === tie.to.id);
    const other = around.bodies[index]?.box;
    const faced =
      side !== 'behind' && other && !hasLegs(other.kind) && dot(other.n, outOf(box, side)) < -FACED;
    const back = faced ? (others[index]?.back ?? 0) : 0;
    if (back > 0) return { source: own, over: tie.distance + back };
  }
  return { source: own, over: -(said ?? 0) };
}

/** A front is stood against if it looks the other way within this (the cosine). */
const FACED = 0.9;

const outOf = ({ u, n }: ItemBox, side: PlanEnd): Point =>
  side === 'right' ? u : scale(side === 'left' ? u : n, -1);

/** How far it is to a wall beside an item, mm: from the farther corner of its side, where the wall leans away no further than a top would go. */
function toWall({ faces }: Around, box: ItemBox, side: PlanEnd, { to, distance }: Tie): number {
  const face = faces.find(({ id }) => id === to.id);
  const [backLeft, backRight, frontRight, frontLeft] = box.rectangle;
  const out = outOf(box, side);
  const towards = face && !face.arc ? -dot(face.n, out) : 0;
  if (!face || towards < 0.5) return distance;
  const ends = { left: [backLeft, frontLeft], right: [backRight, frontRight], behind: [backLeft, backRight] };
  const away = ends[side].map((corner) => dot(subtract(corner, face.start), face.n) / towards);
  return Math.max(distance, ...away.filter((one) => one <= BACK_REACH));
}

interface Placed {
  box: ItemBox;
  /** The line of the boards' front out of the back of the box, mm. */
  front: number;
  left: Side;
  right: Side;
  behind: Side;
}

/** The outline of an item moved to where its boards stand. */
function ringOf({ box, front, left, right, behind }: Placed): KeyedPolygon | null {
  const { record, kind, origin, u, n } = box;
  const legs = hasLegs(kind);
  const before = front - (record.leg ?? record.depth);
  // Walked counter-clockwise in plan.
  const outline = itemOutline(record).toReversed();
  const sides = outline.map(({ along, out }, index): Side => {
    const next = outline[(index + 1) % outline.length]!;
    const both = (key: 'along' | 'out', at: number) =>
      Math.abs((key === 'along' ? along : out) - at) < 1e-6 && Math.abs(next[key] - at) < 1e-6;
    const corner = legs && (record.hand === 'left' ? both('along', 0) : both('along', record.width));
    if (both('out', 0) || corner) return behind;
    // Mostly a neighbour stands there, whose own boards go on.
    if (legs && both('out', record.depth))
      return { source: { role: record.hand, boxes: [box], id: null }, over: 0 };
    if (both('along', 0)) return left;
    if (both('along', record.width)) return right;
    return { source: { role: 'front', boxes: [box], id: null }, over: before };
  });
  const at = (index: number) => {
    const { along, out } = outline[index % outline.length]!;
    return place(origin, u, along, n, out);
  };
  const lines = sides.map(({ over }, index): EdgeLine => {
    const from = at(index);
    return { key: String(index), kind: 'front', from, u: unit(subtract(at(index + 1), from)), over };
  });
  const ring = edgeRing(lines);
  if (!ring.ok) return null;
  return {
    ring: ring.value.map(({ a }) => a),
    sides: ring.value.map(({ key }) => sides[Number(key)]?.source ?? null),
  };
}

import { distance, inward, place, scale, subtract, unit, type Point } from '../../geometry/point';
import { SAME_PLACE } from '../../geometry/tolerance';
import { ok, refuse, type Result } from '../../result';
import { quantise } from '../../units/units';
import {
  cutOutsApart,
  distanceWithin,
  rectangularCutOut,
  roundCutOut,
  type CutOut,
} from '../outline/cut-out';
import { edgeBetween, edgeRing, type EdgeLine, type RingEdge } from '../outline/edge-ring';
import {
  areaWithin,
  cornerIndex,
  partLength,
  treatedOutline,
  type CornerShape,
  type OutlinePart,
  toldOutline,
  type ToldOutline,
} from '../outline/treated';
import type { CaseCutOut, TopBreak, TopsCase } from './tops-case';

/** A piece of a top as a stone yard needs it. Lengths mm, areas mm². */
export interface TopPiece extends ToldOutline {
  /** With its corners as they are made. */
  area: number;
  /** Less the cut-outs. */
  netArea: number;
  /** Of the outline, arcs and chamfers included. */
  perimeter: number;
  /** What is left of each edge beside arcs and chamfers. */
  edges: Record<string, number>;
  cutouts: Record<string, { nearestEdge: number }>;
}

export interface PlainTops {
  id: string;
  pieces: TopPiece[];
}

/** The pieces of a top asked for by itself, as measures define them: edges moved by their own overhangs meet where their lines cross. */
export function plainTops(one: TopsCase): Result<PlainTops> {
  const { base, corners, cutOuts } = one;
  const lines = 'walls' in base ? legPieces(one, base) : ok([polygonLines(one, base.polygon)]);
  if (!lines.ok) return lines;
  const rings: RingEdge[][] = [];
  for (const piece of lines.value) {
    const ring = edgeRing(piece);
    if (!ring.ok) return ring;
    rings.push(ring.value);
  }
  const homeless = corners.find(({ at }) => !rings.some((ring) => cornerIndex(ring, at) >= 0));
  if (homeless) return refuse('top-corner-missing', { first: homeless.at[0], second: homeless.at[1] });
  const outlines: OutlinePart<RingEdge>[][] = [];
  for (const ring of rings) {
    const shapes = ring.map((): CornerShape | null => null);
    for (const { at, shape } of corners) {
      const index = cornerIndex(ring, at);
      if (index >= 0) shapes[index] = shape;
    }
    const outline = treatedOutline(ring, shapes);
    if (!outline.ok) return outline;
    outlines.push(outline.value);
  }
  const cuts = cutOuts.map((cut) => placedCutOut(one, cut));
  for (const [index, cut] of cuts.entries()) {
    const other = cuts.slice(0, index).find((before) => cutOutsApart(before, cut) < -SAME_PLACE);
    if (other) return refuse('cut-outs-overlap', { first: other.id, second: cut.id });
  }
  const within = cuts.map((cut) => ({
    cut,
    nearest: outlines.map((outline) => distanceWithin(outline, cut)),
  }));
  const outside = within.find(({ nearest }) => nearest.every((one) => one === null));
  if (outside) return refuse('cut-out-outside', { cutOut: outside.cut.id });
  return ok({
    id: one.id,
    pieces: outlines.map((outline, index) =>
      pieceOf(
        outline,
        within.flatMap(({ cut, nearest }) => {
          const free = nearest[index];
          return free == null ? [] : [{ cut, free }];
        }),
      ),
    ),
  });
}

function polygonLines({ overhang }: TopsCase, polygon: readonly Point[]): EdgeLine[] {
  return polygon.map((point, index) => {
    const key = `e${index}`;
    const next = polygon[(index + 1) % polygon.length]!;
    return edgeBetween(key, 'front', [point, next], overhang.get(key) ?? 0);
  });
}

/** Where a piece ends on a leg: at what, and how far along its wall. */
interface Cap {
  key: string;
  leg: number;
  at: number;
  over: number;
}

/** The edges of each piece of a run of legs, parted by its breaks. */
function legPieces(
  { overhang, breaks }: TopsCase,
  { walls, depths }: { walls: Point[]; depths: number[] },
): Result<EdgeLine[][]> {
  const over = (key: string) => overhang.get(key) ?? 0;
  const legs = depths.map((depth, index): Leg => ({
    depth,
    from: walls[index]!,
    u: unit(subtract(walls[index + 1]!, walls[index]!)),
    length: distance(walls[index]!, walls[index + 1]!),
  }));
  const merged = mergedBreaks(breaks);
  const off = merged.find(({ leg, from, to }) => to <= 0 || from >= legs[leg]!.length);
  if (off) return refuse('top-break-off', { leg: off.leg + 1, length: legs[off.leg]!.length });
  const last = legs.length - 1;
  const pieces: EdgeLine[][] = [];
  let start: Cap | null = { key: 'start', leg: 0, at: 0, over: over('start') };
  const close = (end: Cap) => {
    // Before a break at the very start, and after one at the very end, there is no box that carries a top.
    if (start && (start.leg < end.leg || end.at - start.at > SAME_PLACE))
      pieces.push(pieceLines(legs, start, end, over));
  };
  for (const { leg, from, to } of merged) {
    close({ key: 'break-a', leg, at: from, over: 0 });
    start = { key: 'break-b', leg, at: to, over: 0 };
  }
  close({ key: 'end', leg: last, at: legs[last]!.length, over: over('end') });
  return ok(pieces);
}

interface Leg {
  depth: number;
  from: Point;
  u: Point;
  length: number;
}

/** The edges of a piece, counter-clockwise: along the walls, its end, back along the fronts, its start. */
function pieceLines(legs: readonly Leg[], start: Cap, end: Cap, over: (key: string) => number): EdgeLine[] {
  const own = legs
    .slice(start.leg, end.leg + 1)
    .map((leg, index) => ({ ...leg, name: start.leg + index + 1 }));
  const cap = ({ key, leg, at, over }: Cap, out: 1 | -1): EdgeLine => {
    const { from, u, depth } = legs[leg]!;
    const away = scale(inward(u), -1);
    const kind = key.startsWith('break') ? ('cut' as const) : ('end' as const);
    return { key, kind, from: place(from, u, at, away, out > 0 ? 0 : depth), u: scale(away, out), over };
  };
  const backs = own.map(({ name, from, u }) => {
    const key = `back${name}`;
    return { key, kind: 'back' as const, from, u, over: over(key) };
  });
  const fronts = own.toReversed().map(({ name, from, u, depth, length }): EdgeLine => {
    const key = `front${name}`;
    return {
      key,
      kind: 'front',
      from: place(from, inward(u), -depth, u, length),
      u: scale(u, -1),
      over: over(key),
    };
  });
  return [...backs, cap(end, 1), ...fronts, cap(start, -1)];
}

/** The stretches that breaks take out of the legs, in order; those that meet are one. */
function mergedBreaks(breaks: readonly TopBreak[]): { leg: number; from: number; to: number }[] {
  const taken = breaks
    .map(({ leg, from, width, gap }) => ({ leg, from: from - gap, to: from + width + gap }))
    .sort((a, b) => a.leg - b.leg || a.from - b.from);
  const merged: typeof taken = [];
  for (const one of taken) {
    const last = merged.at(-1);
    if (last?.leg === one.leg && one.from <= last.to + SAME_PLACE) last.to = Math.max(last.to, one.to);
    else merged.push(one);
  }
  return merged;
}

/** A cut-out where it lies: measured along the base line of its leg or edge, and in from the finished edge. */
function placedCutOut({ base, overhang }: TopsCase, { id, index, along, front, shape }: CaseCutOut): CutOut {
  const line = 'walls' in base ? base.walls : base.polygon;
  const [a, b] = [line[index]!, line[(index + 1) % line.length]!];
  const u = unit(subtract(b, a));
  const into = scale(inward(u), -1);
  // Of a leg the finished edge is its front, across its depth; away from it is back to the wall.
  const edge =
    'walls' in base
      ? base.depths[index]! + (overhang.get(`front${index + 1}`) ?? 0)
      : -(overhang.get(`e${index}`) ?? 0);
  const away = 'walls' in base ? scale(into, -1) : into;
  const near = place(place(a, u, along, into, edge), away, front, u, 0);
  return 'radius' in shape
    ? roundCutOut(id, near, shape.radius)
    : rectangularCutOut(id, { near, u, away }, { width: shape.w, depth: shape.d, radius: shape.r });
}

function pieceOf(
  outline: readonly OutlinePart<RingEdge>[],
  cuts: readonly { cut: CutOut; free: number }[],
): TopPiece {
  const area = areaWithin(outline);
  const edges: Record<string, number> = {};
  for (const part of outline) if (part.type === 'edge') edges[part.edge.key] = quantise(partLength(part));
  return {
    area: quantise(area),
    netArea: quantise(cuts.reduce((left, { cut }) => left - cut.area, area)),
    perimeter: quantise(outline.reduce((sum, part) => sum + partLength(part), 0)),
    edges,
    ...toldOutline(outline),
    cutouts: Object.fromEntries(cuts.map(({ cut, free }) => [cut.id, { nearestEdge: quantise(free) }])),
  };
}

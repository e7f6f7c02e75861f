import type { ZoneBorder } from '../../document/records';
import { remember } from '../../document/remember';
import { crossing } from '../../geometry/line-crossing';
import { liesIn } from '../../geometry/lies-in';
import { cross, distance, dot, inward, place, subtract, unit, type Point } from '../../geometry/point';
import {
  boundsMeet,
  boundsOf,
  contains,
  forEachEdge,
  segmentsCross,
  signedArea,
  type Polygon,
} from '../../geometry/polygon';
import { intersect, without } from '../../geometry/region';
import { Frame, type Origin } from '../frame';
import { lay, type Laid, type LaidPiece } from '../lay';
import { isConvex, type Cell } from '../pattern';
import { evenStart } from '../set-out';
import { beside, borderPath, isBend, type BorderPath, type PathEdge } from './border-path';

/** The pieces of borders bear these names, which no pattern has. */
export const BORDER = 'border';
export const CORNER = 'corner';

/** A stretch of a border, or the piece in a corner of it, with where its row begins and the way it runs. */
export interface BorderStretch {
  laid: Laid;
  origin: Origin;
}

/** A border as it is laid, and what of its area is left for the field. */
export interface Bordered {
  field: readonly Polygon[];
  stretches: readonly BorderStretch[];
  /** Its cut tiles, with how long what is left of them is, mm. */
  cuts: readonly { piece: LaidPiece; long: number }[];
  /** All of the area, mm². */
  area: number;
}

/** What a border is laid in: outlines with holes in them, mm, and the joint of its tiles. */
interface Laying {
  region: readonly Polygon[];
  /** Holes that are bored through what is laid there, clockwise. */
  bored: readonly Polygon[];
  joint: number;
}

/**
 * Lays a border along the outlines of an area, and round the islands in it where that is wanted, with a joint on both sides. Outlines that leave no room for it have none,
 * nor have islands that are too near to something for it; it has no stretches where that is so of all of them.
 */
export const bordered = remember(
  (border: ZoneBorder, laying: Laying): Bordered => {
    const { region, bored, joint } = laying;
    const [field, stretches]: [Polygon[], BorderStretch[]] = [[], []];
    /** What the path round an island must keep clear of: what is there, and other paths. */
    const taken: Polygon[] = [...region];
    // Outlines first: islands have what they leave.
    for (const outline of region.toSorted((a, b) => Math.sign(signedArea(b)) - Math.sign(signedArea(a)))) {
      const path = pathOf(outline, border, joint, taken);
      if (!path) {
        field.push(outline);
        continue;
      }
      stretches.push(...stretchesOf(path, border, laying));
      // What lies outside the path is field as well, as far as it goes.
      if (path.edges.length !== outline.length || border.inset > joint)
        field.push(outline, beside(path.edges, border.inset - joint).reverse());
      field.push(path.within);
      taken.push(path.within);
    }
    const rest = bored.length > 0 ? without(region, bored) : region;
    const area = rest.reduce((sum, ring) => sum + signedArea(ring), 0);
    return { field, stretches, cuts: stretches.flatMap(cutsOf), area };
  },
  { kept: 2 },
);

/** The path along an outline, or round an island; null where there is none. */
function pathOf(
  ring: Polygon,
  { inset, tile, islands }: ZoneBorder,
  joint: number,
  taken: readonly Polygon[],
): BorderPath | null {
  const isIsland = signedArea(ring) < 0;
  if (isIsland && !islands) return null;
  const path = borderPath(ring, inset, tile.h, joint);
  if (!path || !isIsland) return path;
  const others = taken.filter((one) => one !== ring);
  return others.every((one) => isClear(path.within, one)) ? path : null;
}

/** Whether a ring round an island crosses another one, and neither lies in an island that it is not in itself. */
function isClear(ring: Polygon, other: Polygon): boolean {
  if (!boundsMeet(boundsOf(ring), boundsOf(other))) return signedArea(other) < 0;
  let crossed = false;
  forEachEdge(ring, (a, b) =>
    forEachEdge(other, (c, d) => {
      crossed ||= segmentsCross(a, b, c, d);
    }),
  );
  if (crossed) return false;
  return signedArea(other) > 0
    ? contains(other, ring[0]!)
    : !contains(ring, other[0]!) && !contains(other, ring[0]!);
}

function cutsOf({ laid }: BorderStretch): Bordered['cuts'] {
  return laid.pieces.flatMap((piece) => {
    if (piece.whole || piece.piece.slot !== BORDER) return [];
    const { left, right } = boundsOf(piece.remains().flat());
    return [{ piece, long: right - left }];
  });
}

function stretchesOf(
  path: BorderPath,
  { tile, corners }: ZoneBorder,
  { region, bored, joint }: Laying,
): BorderStretch[] {
  const { edges, outer, inner } = path;
  const found: BorderStretch[] = [];
  const add = (ring: Polygon, cell: Cell, origin: Origin) => {
    const laid = lay([...kept(ring, region), ...bored], cell, origin);
    if (laid.ok && laid.value.pieces.length > 0) found.push({ laid: laid.value, origin });
  };
  const meets = edges.map((_, index) => meeting(path, index, corners, joint));
  for (const [index, { u }] of edges.entries()) {
    const [{ start, corner }, { end }] = [meets[index]!, meets[(index + 1) % edges.length]!];
    const from = outer[index]!;
    const sides = [{ from, u }, end, { from: inner[index]!, u }, start];
    const ring = sides.map((side, at) => crossing(sides.at(at - 1)!, side));
    const alongs = ring.map((at) => dot(subtract(at, from), u));
    if (alongs[1]! > alongs[0]! && alongs[2]! > alongs[3]!) {
      const along = evenStart(Math.min(...alongs), Math.max(...alongs), tile.w, joint);
      const origin = { at: place(from, u, along, u, 0), angle: degreesOf(u) };
      add(
        ring,
        cellAlone(BORDER, rectangle(tile.w, tile.h), { x: tile.w + joint, y: tile.h + joint }),
        origin,
      );
    }
    if (!corner) continue;
    const origin = { at: corner[0]!, angle: degreesOf(unit(subtract(corner[1]!, corner[0]!))) };
    const frame = new Frame(origin);
    const piece = corner.map((at) => frame.to(at));
    const apart = 4 * distance(corner[0]!, corner[2]!);
    add(corner, cellAlone(CORNER, piece, { x: apart, y: apart }), origin);
  }
  return found;
}

/** How two stretches meet: the line the one before ends at, the one the next starts at, and the piece between them. */
interface Meeting {
  end: PathEdge;
  start: PathEdge;
  corner: Point[] | null;
}

/** How stretches meet at the start of an edge. */
function meeting(
  { edges, outer: outers, inner: inners }: BorderPath,
  index: number,
  corners: ZoneBorder['corners'],
  joint: number,
): Meeting {
  const [{ u: before }, { u: after }] = [edges.at(index - 1)!, edges[index]!];
  const [outer, inner] = [outers[index]!, inners[index]!];
  const to = (from: Point, u: Point, left: number): PathEdge => ({
    from: place(from, inward(u), -left, u, 0),
    u,
  });
  if (corners === 'mitre' || isBend(before, after)) {
    // The stretch before lies to the left of the line inwards.
    const way = unit(subtract(inner, outer));
    return { end: to(outer, way, joint / 2), start: to(outer, way, -joint / 2), corner: null };
  }
  const isOutward = cross(before, after) > 0;
  const start = isOutward ? to(inner, before, joint) : to(outer, before, -joint);
  // The stretch before goes through, the next begins at its side.
  if (corners === 'butt') return { end: to(isOutward ? outer : inner, after, 0), start, corner: null };
  const end = isOutward ? to(inner, after, joint) : to(outer, after, -joint);
  const [one, other] = isOutward ? [after, before] : [before, after];
  const sides = [
    crossing({ from: outer, u: one }, { from: inner, u: other }),
    crossing({ from: outer, u: other }, { from: inner, u: one }),
  ] as const;
  return { end, start, corner: [outer, sides[0], inner, sides[1]] };
}

/** What of a ring lies in an area: itself where all of it does, else right to 0.001 mm. */
function kept(ring: Polygon, region: readonly Polygon[]): readonly Polygon[] {
  const bounds = boundsOf(ring);
  const near = region.filter((one) => boundsMeet(boundsOf(one), bounds));
  const isFree = near.every((one) => signedArea(one) > 0) && near.some((one) => liesIn(ring, one));
  return isFree ? [ring] : intersect(region, [ring]);
}

const rectangle = (w: number, h: number): Point[] => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
];

/** A cell of one piece that comes again so far on and so far up. */
const cellAlone = (slot: string, ring: Polygon, { x, y }: Point): Cell => ({
  ...{ a: { x, y: 0 }, b: { x: 0, y } },
  pieces: [{ slot, ring, bounds: boundsOf(ring), area: signedArea(ring), convex: isConvex(ring) }],
});

/** Degrees; what is a hair off a whole quarter is one. */
function degreesOf({ x, y }: Point): number {
  const degrees = (Math.atan2(y, x) * 180) / Math.PI;
  const quarter = Math.round(degrees / 90) * 90;
  return Math.abs(degrees - quarter) < 1e-9 ? quarter : degrees;
}

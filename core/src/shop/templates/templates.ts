import { perDesign, type Design } from '../../document/design';
import type { ServiceType } from '../../document/fixture-types';
import type { EdgeProfile } from '../../document/limits';
import { cross, distance, dot, subtract, unit, type Point } from '../../geometry/point';
import { contains } from '../../geometry/polygon';
import { itemNumbers } from '../../setting/item-numbers';
import { mitredParts, workedParts, type MadePart, type WorkedPart } from '../../surfaces/edge-profiles';
import { finishAlong } from '../../surfaces/finish-of';
import type { Finish } from '../../surfaces/finishes';
import { topCutOuts, type TopCutOut } from '../../surfaces/top-cut-outs';
import type { TopEdge } from '../../surfaces/top-edge';
import { jointedTops, slabOf, type JointedPiece } from '../../surfaces/top-joints';
import { tops, type Top } from '../../surfaces/tops';
import { waterfalls } from '../../surfaces/waterfalls';
import { partLength } from '../../surfaces/outline/treated';
import { toDegrees } from '../../units/angles';
import { boltPlaces, isBolted } from './joint-bolts';

/** A stretch of a piece's outline, from one place to another in the piece's own frame; an arc with its centre, radius and how far it turns (degrees, to the left positive). mm. */
export interface TemplateEdge {
  role: TopEdge['role'] | 'chamfer' | 'corner' | 'end' | 'foot' | 'head';
  from: readonly [number, number];
  to: readonly [number, number];
  length: number;
  /** How it is worked; null at a wall. */
  profile: EdgeProfile | null;
  arc?: { centre: readonly [number, number]; radius: number; sweep: number };
  /** Between it and the edge before it, inside the piece, degrees. */
  angle: number;
  /** By how many degrees it is off square: longer at the face that is seen, less than 0 at its back. Square where there is none. */
  mitre?: number;
  /** Of a joint: where its bolts are let into the underside, from either end, mm. */
  bolts?: readonly number[];
}

/** A cut-out of a piece, located from its finished edges: its size, and how far it is from the front, the left and the right of the piece. mm. */
export interface TemplateCutOut {
  item: number;
  use: TopCutOut['use'];
  centre: readonly [number, number];
  size: readonly [number, number];
  radius: number;
  fromFront: number;
  fromLeft: number;
  fromRight: number;
  nearestEdge: number | null;
}

/** A service that comes out through a splash, its middle from the left and from the foot, mm. */
export interface TemplateService {
  id: string;
  type: ServiceType;
  at: readonly [number, number];
}

/**
 * A piece of a top as it is made: seen from above with its front edge below, x along that from its left end, y away from who stands before
 * it. Or one of a splash or of what a top goes down to the floor by, seen from its face. The grain or veins of its finish run along x.
 * Lengths mm, areas mm².
 */
export interface Template {
  of: 'splash' | 'top' | 'waterfall';
  /** Which top, splash or waterfall of the room it is of. */
  top: number;
  piece: number;
  /** The numbers of the items the top stands on, or what stands is at. */
  items: readonly number[];
  material: string | null;
  thickness: number;
  length: number;
  width: number;
  area: number;
  netArea: number;
  edges: readonly TemplateEdge[];
  profiles: Readonly<Partial<Record<EdgeProfile, number>>>;
  cutOuts: readonly TemplateCutOut[];
  /** What comes out through it, where something does. */
  services?: readonly TemplateService[];
  /** Follows a bent wall, and is so long along that. */
  bent?: boolean;
  /** Lies on its side, its foot to the left: its veins run up. */
  lying?: boolean;
  /** Whether its finish looks otherwise when it is turned: veins, grain, brushed metal, a picture. */
  along: boolean;
  /** Whether it can be cut from the slab of the room, either way round. */
  fitsSlab: boolean;
}

/** Every piece of every top of a room, for who makes them. */
export const templatesOf: (design: Design) => readonly Template[] = perDesign((design) => {
  const numbers = itemNumbers(design);
  return tops(design).flatMap((top, index) =>
    jointedTops(design)
      .get(top)!
      .pieces.map((piece, at) => templateOf(design, top, piece, { top: index + 1, piece: at + 1, numbers })),
  );
});

/** Whether a size is no more than another, but for rounding. */
export const isIn = (size: number, most: number): boolean => size <= most + HAIR;
const HAIR = 1e-6;

/** What a piece is of, as it is told. */
export const materialOf = (finish: Finish | null): string | null => finish && `${finish.code} ${finish.name}`;

/** Whether a finish looks otherwise when it is turned. */
export const runsAlong = (finish: Finish | null): boolean =>
  finish !== null && (finish.grain === true || DIRECTED.has(finish.figure.type));
const DIRECTED: ReadonlySet<string> = new Set(['boards', 'brushed', 'grain', 'layers', 'picture', 'veins']);

/** How long the edges are that are worked, by how they are. */
export function profileSums(
  edges: readonly Pick<TemplateEdge, 'length' | 'profile'>[],
): Partial<Record<EdgeProfile, number>> {
  const sums: Partial<Record<EdgeProfile, number>> = {};
  for (const { profile, length } of edges)
    if (profile && profile !== 'raw') sums[profile] = (sums[profile] ?? 0) + length;
  return sums;
}

function templateOf(
  design: Design,
  top: Top,
  piece: JointedPiece,
  { numbers, ...named }: { top: number; piece: number; numbers: ReadonlyMap<string, number> },
): Template {
  const down = waterfalls(design).get(top) ?? [];
  const worked = workedParts(design, piece, top.items).flatMap((one) => mitredParts(one, down));
  const frame = frameOf(piece);
  const outline = worked.map(({ part }) => frame(part.a));
  const [xs, ys] = [outline.map(({ x }) => x), outline.map(({ y }) => y)];
  const cutOuts = (topCutOuts(design).get(top) ?? []).flatMap((one): TemplateCutOut[] => {
    const placed = placedCutOut(one, frame);
    if (!contains(outline, spot(placed.centre))) return [];
    const { centre, size } = placed;
    return [
      {
        ...{ item: numbers.get(one.item)!, use: one.use, ...placed },
        fromFront: centre[1] - size[1] / 2 - Math.min(...ys),
        fromLeft: centre[0] - size[0] / 2 - Math.min(...xs),
        fromRight: Math.max(...xs) - centre[0] - size[0] / 2,
        nearestEdge: one.nearest,
      },
    ];
  });
  const cut = (topCutOuts(design).get(top) ?? [])
    .filter((one) => contains(outline, spot(placedCutOut(one, frame).centre)))
    .reduce((sum, one) => sum + one.cut.area, 0);
  const finish = finishAlong(design, 'top', top.items);
  const slab = slabOf(design);
  const edges = edgesOf(worked, frame, isBolted(design, top));
  return {
    ...{ of: 'top', ...named },
    items: top.items.map((id) => numbers.get(id)!).sort((a, b) => a - b),
    material: materialOf(finish),
    thickness: top.surface - top.underside,
    length: Math.max(...xs) - Math.min(...xs),
    width: Math.max(...ys) - Math.min(...ys),
    area: piece.area,
    netArea: piece.area - cut,
    ...{ edges, cutOuts, profiles: profileSums(edges), along: runsAlong(finish) },
    fitsSlab: isIn(piece.length, slab.length) && isIn(piece.width, slab.width),
  };
}

type Framed = (at: Point) => Point;

/** The frame of a piece: along its longest front edge, or its longest edge where it has no front. */
function frameOf({ parts }: JointedPiece): Framed {
  const edges = parts.flatMap((part) => (part.type === 'edge' ? [part] : []));
  const fronts = edges.filter(({ edge }) => edge.kind === 'front');
  const long = (fronts.length > 0 ? fronts : edges).reduce((best, one) =>
    distance(one.a, one.b) > distance(best.a, best.b) + 1e-6 ? one : best,
  );
  const u = unit(subtract(long.b, long.a));
  return (at) => {
    const off = subtract(at, long.a);
    // The outline has the piece on its left.
    return { x: dot(off, u), y: cross(u, off) };
  };
}

const spot = ([x, y]: readonly [number, number]): Point => ({ x, y });
const pair = ({ x, y }: Point): readonly [number, number] => [x, y];

function edgesOf(worked: readonly MadePart[], frame: Framed, bolted: boolean): TemplateEdge[] {
  return worked.map(({ part, profile, mitre }, index): TemplateEdge => {
    const before = worked[(index + worked.length - 1) % worked.length]!.part;
    return {
      role: part.type === 'edge' ? part.edge.role : part.type === 'arc' ? 'corner' : 'chamfer',
      ...{ from: pair(frame(part.a)), to: pair(frame(part.b)), length: partLength(part), profile },
      ...(mitre !== undefined && { mitre }),
      ...(part.type === 'arc' && {
        arc: {
          ...{ centre: pair(frame(part.arc.centre)), radius: part.arc.radius },
          sweep: toDegrees(part.arc.sweep),
        },
      }),
      angle: 180 - toDegrees(turnBetween(leaving(before), entering(part))),
      ...(bolted &&
        part.type === 'edge' &&
        part.edge.role === 'joint' && { bolts: boltPlaces(partLength(part)) }),
    };
  });
}

type Part = WorkedPart['part'];
/** Directions of the outline where a stretch of it begins and ends. */
const entering = (part: Part): Point =>
  part.type === 'arc' ? tangent(part, part.arc.from) : unit(subtract(part.b, part.a));
const leaving = (part: Part): Point =>
  part.type === 'arc' ? tangent(part, part.arc.from + part.arc.sweep) : unit(subtract(part.b, part.a));
function tangent({ arc }: Part & { type: 'arc' }, at: number): Point {
  const way = Math.sign(arc.sweep);
  return { x: -Math.sin(at) * way, y: Math.cos(at) * way };
}
const turnBetween = (a: Point, b: Point): number => Math.atan2(cross(a, b), dot(a, b));

function placedCutOut({ cut }: TopCutOut, frame: Framed): Pick<TemplateCutOut, 'centre' | 'radius' | 'size'> {
  const core = cut.core.map(frame);
  const [xs, ys] = [core.map(({ x }) => x), core.map(({ y }) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return {
    centre: [(left + right) / 2, (low + high) / 2],
    size: [right - left + 2 * cut.radius, high - low + 2 * cut.radius],
    radius: cut.radius,
  };
}

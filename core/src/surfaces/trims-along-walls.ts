import { isMovable } from '../ranges/item-kind';
import { perDesign, roomOf, type Design } from '../document/design';
import type { TrimProfile, WallTrim } from '../document/limits';
import { remember, rememberOne } from '../document/remember';
import { distance, inward, place, scale, subtract, unit, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import { bodiesNear, type Body } from '../setting/bodies';
import { leftFree, stretchOfPolygon, type Strip } from '../setting/strip';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import { openingsOn, type PlacedOpening } from '../survey/openings';
import { projectOn, type PlacedFace } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { cuttersOf } from './cutters';
import { mitred } from './edge-stretches';
import { finishNamed } from './finishes';
import { keyedRings } from './keyed-rings';
import type { TopEdge } from './top-edge';
import { profileShape } from './own-profiles';
import { shapeReach, type TrimShape } from './trim-profiles';
import { samePiece, type TrimPiece, type TrimPlace } from './trim-piece';

/** What stands so near to a wall has nothing behind it, mm. */
const NEAR_WALL = 60;
/** What is shorter beside a cabinet is left out, mm: nobody gets there. */
export const SHORTEST = 60;

/** The profile of a trim along a wall: its own, the room's, or, where nobody says, a plain skirting on what is not tiled. */
export function wallTrimOf(
  design: Design,
  use: WallTrim,
  face: string | null,
): { profile: TrimProfile; own: boolean } {
  const room = roomOf(design);
  const record = face === null ? undefined : roomShape(design).byId.get(face)?.record;
  const own = record?.[use];
  const tiled = finishNamed(design, record?.finish ?? room.wallFinish)?.tile;
  const usual = use === 'skirting' && !tiled ? 'square' : 'none';
  return { profile: own ?? room[use] ?? usual, own: own !== undefined };
}

/** The skirtings and coves of a room: round everything fixed, past doors and what stands at the walls; coves under level ceilings only. */
export const trimsAlongWalls: (design: Design) => readonly TrimPiece[] = perDesign((design) => {
  const { ceiling } = roomShape(design);
  return [
    ...runsOf(design, 'skirting', 0),
    ...('flat' in ceiling ? runsOf(design, 'cove', ceiling.flat) : []),
  ];
});

/** A stretch of an edge of the free floor that a trim runs along. */
interface Stretch {
  edge: TopEdge;
  a: Point;
  b: Point;
  profile: TrimProfile;
  shape: TrimShape | null;
}

const runsOf = (design: Design, use: WallTrim, level: number): readonly TrimPiece[] =>
  stretchesOf(design, use, level).flatMap((stretches) => {
    const [first] = stretches;
    return first ? piecesAlong(first.edge, { stretches, use, level }) : [];
  });

/** The stretches a trim runs along, ring by ring; where an edge has none it is one stretch without a profile. */
function stretchesOf(design: Design, use: WallTrim, level: number): Stretch[][] {
  const shape = roomShape(design);
  const tall = tallestOf(design, use);
  if (tall === 0) return [];
  const [low, high] = use === 'skirting' ? [0, tall] : [level - tall, level];
  const fixed = fixedThings(design).filter((thing) => thing.low < high && thing.high > low);
  return freeRings(shape, { fixed }).map((edges) =>
    edges.flatMap((edge): Stretch[] => {
      const { profile } = wallTrimOf(design, use, edge.role === 'wall' ? edge.at : null);
      const face = edge.role === 'wall' ? shape.byId.get(edge.at!) : undefined;
      const half = face?.wallHeight ?? null;
      // Where it has none the next ends at it.
      const own = profileShape(design, use, profile);
      if (!own || (half !== null && half < 2 * high))
        return [{ edge, a: edge.a, b: edge.b, profile: 'none', shape: null }];
      return freeOf(design, edge, { low, high }).map(([a, b]) => ({ edge, a, b, profile, shape: own }));
    }),
  );
}

/** The walls along which a trim of this use goes, or is left out: one place for each, at its longest stretch. */
export function wallTrimPlaces(design: Design, use: WallTrim): TrimPlace[] {
  const { ceiling } = roomShape(design);
  if (use === 'cove' && !('flat' in ceiling)) return [];
  const level = use === 'cove' && 'flat' in ceiling ? ceiling.flat : 0;
  const places = new Map<string, TrimPlace>();
  for (const { edge, a, b, profile } of stretchesOf(design, use, level).flat()) {
    if (edge.role !== 'wall') continue;
    const face = edge.at!;
    const known = places.get(face);
    if (known && distance(known.a, known.b) >= distance(a, b)) continue;
    places.set(face, { use, profile, along: { face }, own: wallTrimOf(design, use, face).own, a, b });
  }
  return [...places.values()];
}

/** The free floor of a room among what is fixed in it, each edge with what it lies at: the very same edges for the same room. */
const freeRings = remember(
  (shape: RoomShape, { fixed }: { fixed: readonly FixedThing[] }): TopEdge[][] => {
    const room = { ring: shape.outline.toReversed(), sides: shape.outline.map(() => null) };
    return keyedRings([room], cuttersOf(shape, fixed));
  },
  { kept: 2 },
);

/** How tall the tallest trim of this use is that any wall has, mm. */
function tallestOf(design: Design, use: WallTrim): number {
  const all = [null, ...roomShape(design).faces.map(({ id }) => id)];
  const heights = all.map((face) => {
    const shape = profileShape(design, use, wallTrimOf(design, use, face).profile);
    return shape ? Math.max(shapeReach(shape).high, -shapeReach(shape).low) : 0;
  });
  return Math.max(...heights);
}

/** The stretches of an edge past openings and what stands at the wall. */
export function freeOf(
  design: Design,
  edge: TopEdge,
  { low, high }: Between,
): readonly (readonly [Point, Point])[] {
  const face = edge.role === 'wall' ? roomShape(design).byId.get(edge.at!) : undefined;
  return freePast(edge, {
    low,
    high,
    standing: bodiesNear(design, bandBefore(edge).corners),
    opening: face ? { face, all: openingsOn(design, face.id) } : null,
  });
}

interface Between {
  low: number;
  high: number;
}

/** The band of floor before an edge in which nothing may stand. */
const bandBefore = rememberOne(({ a, b }: TopEdge): { strip: Strip; corners: readonly Point[] } => {
  const u = unit(subtract(b, a));
  const strip = { origin: a, u, n: scale(inward(u), -1), near: 0, far: NEAR_WALL };
  return { strip, corners: [a, b].flatMap((end) => [end, place(end, strip.n, NEAR_WALL, u, 0)]) };
});

interface Past extends Between {
  standing: readonly Body[];
  opening: { face: PlacedFace; all: readonly PlacedOpening[] } | null;
}

const freePast = remember(
  (edge: TopEdge, { low, high, standing, opening }: Past): readonly (readonly [Point, Point])[] => {
    const { a, b } = edge;
    const { strip } = bandBefore(edge);
    const long = distance(a, b);
    const taken: [number, number][] = [];
    for (const body of standing) {
      if (!body.box || isMovable(body.box.kind) || body.low >= high || body.high <= low) continue;
      for (const piece of body.pieces) {
        const stretch = stretchOfPolygon(strip, piece);
        if (stretch) taken.push(stretch);
      }
    }
    for (const { left, right, record } of opening?.all ?? []) {
      const { sill, height, casing } = record;
      if (sill >= high || sill + height <= low) continue;
      const [from, to] = [projectOn(opening!.face, a).along, projectOn(opening!.face, b).along];
      const onEdge = (along: number) => ((along - from) / (to - from)) * long;
      const ends = [onEdge(left - casing), onEdge(right + casing)];
      const [first, last] = [Math.min(...ends), Math.max(...ends)];
      if (last > 0 && first < long) taken.push([first, last]);
    }
    const on = (along: number) =>
      along === 0 ? a : along === long ? b : place(a, strip.u, along, strip.u, 0);
    return leftFree(taken, long, SAME_PLACE)
      .filter(([from, to]) => to - from > SHORTEST || (from === 0 && to === long))
      .map(([from, to]) => [on(from), on(to)]);
  },
  // A skirting and a cove, or a capping, as they are and as a drag makes them.
  { kept: 4 },
);

interface Stretches {
  stretches: readonly Stretch[];
  use: WallTrim;
  level: number;
}

/** The lengths along the stretches of a ring. */
function piecesOf({ stretches, use, level }: Stretches): readonly TrimPiece[] {
  const footprints = mitred(
    stretches.map(({ a, b, profile }) => ({ a, b, thick: profile === 'none' ? 0 : 1 })),
  );
  const pieces: Told[] = [];
  for (const [index, { edge, a, b, profile, shape }] of stretches.entries()) {
    if (profile === 'none' || !shape) continue;
    const [, , end, start] = footprints[index]! as [Point, Point, Point, Point];
    const along =
      edge.role === 'fixed' ? { fixed: edge.at! } : ({ face: edge.at! } satisfies TrimPiece['along']);
    const out = [subtract(start, a), subtract(end, b)] as const;
    pieces.push({ edge, piece: { use, profile, shape, along, path: [a, b], out: [...out], level } });
  }
  const told = pieces.reduce<Told[]>((all, one) => {
    const [first, last] = [all[0], all.at(-1)];
    if (last && goesOn(last.piece, one.piece)) last.piece = asOne(last.piece, one.piece);
    else if (first && goesOn(one.piece, first.piece)) first.piece = asOne(one.piece, first.piece);
    else all.push(one);
    return all;
  }, []);
  return told.map(({ edge, piece }) => samePiece(edge, { piece }));
}

/** The very same lengths along a ring, by its first edge, until one of its stretches changes: of skirtings and coves, as they are and as a drag makes them. */
const piecesAlong = remember((_first: TopEdge, of: Stretches) => piecesOf(of), { kept: 4 });

interface Told {
  edge: TopEdge;
  piece: TrimPiece;
}

/** Along a bent wall it goes on as one length. */
const goesOn = (one: TrimPiece, next: TrimPiece): boolean =>
  'face' in one.along &&
  'face' in next.along &&
  one.along.face === next.along.face &&
  one.profile === next.profile &&
  distance(one.path.at(-1)!, next.path[0]!) < SAME_PLACE;

const asOne = (one: TrimPiece, next: TrimPiece): TrimPiece => ({
  ...one,
  path: [...one.path, ...next.path.slice(1)],
  out: [...one.out, ...next.out.slice(1)],
});

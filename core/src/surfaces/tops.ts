import { perDesign, roomOf, type Design } from '../document/design';
import { MOST_OVERHANG } from '../document/limits';
import { remember, rememberOne } from '../document/remember';
import type { ItemRecord } from '../document/records';
import { apart } from '../geometry/apart';
import { boundsIndex } from '../geometry/bounds-index';
import { boundsMeet, boundsOf, contains, type Polygon } from '../geometry/polygon';
import { intersect, type Region } from '../geometry/region';
import { TOUCH } from '../geometry/tolerance';
import { bodiesNear } from '../setting/bodies';
import { itemNumbers } from '../setting/item-numbers';
import { runs, type Run } from '../setting/runs';
import { ownTop } from './own-tops';
import { isOwnTop } from '../ranges/item-kind';
import { itemBoxes } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { cornerJoin, endsOf, joinsInCorners, type LevelEnd, type RunEnd } from './corner-joins';
import { levelsOf } from './levels';
import { cuttersOf, shapeAsCutting, type Cutting } from './cutters';
import { keyedRings } from './keyed-rings';
import { areaWithin, chordsOf, treatedOutline, type CornerShape, type OutlinePart } from './outline/treated';
import { cornerTops, runStrip, runUnderside, underTop, type Strip } from './run-strip';
import { cornersAt, type KeyedPolygon, type TopEdge } from './top-edge';

/** A ring of a top: its edges from corner to corner, and its outline with the corners as they are made. */
export interface TopRing {
  edges: readonly TopEdge[];
  parts: readonly OutlinePart<TopEdge>[];
  /** As places, arcs as chords. */
  outline: Region[number];
  /** Corners that are to be made otherwise than sharp take more of this edge than there is: all are left sharp. */
  tooLarge: string | null;
}

/** A countertop: its outline with overhangs, and the heights of its underside and surface above the floor, mm. */
export interface Top {
  /** The items it stands on. */
  items: string[];
  /** Its outline, counter-clockwise, and its holes, clockwise. */
  rings: readonly TopRing[];
  /** The rings as places, arcs as chords. */
  outline: Region;
  underside: number;
  surface: number;
  /** mm² */
  area: number;
}

/**
 * The countertops of the room, over runs and drawn by themselves. Each run gives a strip from its back to the overhang past its deepest box; ends run to what stands within the end
 * overhang, or past a free end by it; an item can have overhangs of its own; runs that meet in a corner go on to it; what is of one height and
 * thickness and meets is one top; walls and fixed things cut them.
 */
export const tops: (design: Design) => readonly Top[] = perDesign((design) => {
  const all = runs(design);
  const joins = joinsOf(design, all);
  const thickness = roomOf(design).topThickness;
  const over = all.map((run): Carried => {
    const parts = [...stripOf(design, run), ...(joins.get(run) ?? [])];
    return { run, underside: runUnderside(run), thickness, parts };
  });
  const { faces } = roomShape(design);
  const alone = itemBoxes(design)
    .filter(({ kind }) => isOwnTop(kind))
    .map((box): Carried => {
      const { low: underside, record } = box;
      return { run: [box], underside, thickness: record.height, parts: [ownTop(box, { faces })] };
    });
  const levels = levelsOf([...over, ...alone], (one) => one.underside).flatMap((level) =>
    levelsOf(level, (one) => one.thickness),
  );
  // In the order of the numbers of what they stand on.
  const numbers = itemNumbers(design);
  const first = ({ items }: Top) => Math.min(...items.map((id) => numbers.get(id)!));
  const found = levels.flatMap((level) => {
    const underside = Math.max(...level.map((one) => one.underside));
    const surface = underside + Math.max(...level.map((one) => one.thickness));
    const places = new Map<Polygon, { part: KeyedPolygon; at: number }>();
    for (const [at, { parts }] of level.entries())
      for (const part of parts) places.set(part.ring, { part, at });
    return apart([...places.keys()], ROUNDED).flatMap((together) => {
      const own = together.map((ring) => places.get(ring)!);
      const under = new Set(own.map(({ at }) => at));
      return topsOf(design, {
        ...{ underside, surface },
        polygons: own.map(({ part }) => part),
        level: [...under].sort((a, b) => a - b).map((at) => level[at]!),
      });
    });
  });
  return found.sort((a, b) => a.underside - b.underside || first(a) - first(b));
});

/** A run, or a top by itself, how thick its top is, mm, and the polygons of it before others and walls come to it. */
interface Carried {
  run: Run;
  underside: number;
  thickness: number;
  parts: readonly KeyedPolygon[];
}

/** What runs carry in the corners they meet in. */
function joinsOf(design: Design, all: readonly Run[]): Map<Run, KeyedPolygon[]> {
  const { frontOverhang } = roomOf(design);
  const ends = all.flatMap((run) =>
    endsIn(run, { frontOverhang }).map((end): LevelEnd => ({ end, run, level: runUnderside(run) })),
  );
  return joinsInCorners(roomShape(design).faces, ends, (before, after) =>
    joinOf(before.run, { before, after }),
  );
}

const endsIn = remember((run: Run, { frontOverhang }: { frontOverhang: number }) =>
  endsOf(run, frontOverhang),
);

const joinOf = remember(
  (_run: Run, { before, after }: { before: RunEnd; after: RunEnd }) => cornerJoin(before, after),
  { kept: 3 },
);

/** Polygons of one height, and what carries them. */
interface Level {
  underside: number;
  surface: number;
  polygons: readonly KeyedPolygon[];
  level: readonly Carried[];
}

/** All that tops are cut round, by where it stands. */
const cuttings = perDesign((design) => {
  const shapes = itemBoxes(design).flatMap((box) => shapeAsCutting(box) ?? []);
  return boundsIndex<Cutting>([...fixedThings(design), ...shapes], ({ footprint }) => footprint);
});

/** The tops that some polygons of one height make together, and what carries each. */
function topsOf(design: Design, { underside, surface, polygons, level }: Level): Top[] {
  const shape = roomShape(design);
  const corners = polygons.flatMap(({ ring }) => ring);
  const bounds = boundsOf(corners);
  const fixed = cuttings(design)
    .near(corners)
    .filter(
      ({ low, high, footprint }) =>
        low < surface && high > underside + TOUCH && boundsMeet(boundsOf(footprint), bounds),
    );
  const rings = ringsOf(polygons[0]!, { polygons, shape, fixed });
  const holes = rings.filter(({ area }) => area < 0);
  return rings.flatMap((ring) => {
    if (ring.area <= 0) return [];
    const own = [ring, ...holes.filter((hole) => contains(ring.outline, hole.outline[0]!))];
    const under = level.filter(({ run }) => contains(ring.outline, underTop(run[0]!)));
    // What stands half in a wall may be under its top with a corner only, or with one leg.
    const carried =
      under.length > 0
        ? under
        : level.filter(({ parts }) => parts.some((part) => meet(ring.outline, part.ring)));
    // What meets nothing that carries it is no more than rounding.
    if (carried.length === 0) return [];
    return {
      items: carried.flatMap(({ run }) => run.map(({ id }) => id)),
      rings: own,
      outline: own.map(({ outline }) => outline),
      underside,
      surface,
      area: own.reduce((sum, { area }) => sum + area, 0),
    };
  });
}

/** Strips that only touch are one top, however they are rounded, mm. */
const ROUNDED = 1;

/** A ring with what is made of it. */
interface MadeRing extends TopRing {
  /** mm²; below 0 of a hole. */
  area: number;
}

/** What some strips make together within a room: an edit changes few of them. */
const ringsOf = remember(
  (
    _first: KeyedPolygon,
    {
      polygons,
      shape,
      fixed,
    }: { polygons: readonly KeyedPolygon[]; shape: RoomShape; fixed: readonly Cutting[] },
  ): MadeRing[] => keyedRings(polygons, cuttersOf(shape, fixed)).map(madeRing(polygons)),
  { kept: 3 },
);

/** A ring with its corners as the items at them have them made. */
const madeRing =
  (polygons: readonly KeyedPolygon[]) =>
  (edges: readonly TopEdge[]): MadeRing => {
    const records = new Map(
      polygons.flatMap(
        ({ sides }) =>
          sides.flatMap((side) => side?.boxes.map(({ id, record }) => [id, record]) ?? []) as [
            string,
            ItemRecord,
          ][],
      ),
    );
    const shapes = edges.map((edge, index) => {
      const before = edges[(index + edges.length - 1) % edges.length]!;
      return (
        cornersAt(before, edge)
          .map(({ item, corner }) => records.get(item)?.topCorners?.[corner])
          .find(Boolean) ?? null
      );
    });
    const treated = treatedOutline(edges, shapes as (CornerShape | null)[]);
    const plain = treated.ok ? treated : treatedOutline(edges, []);
    const parts = plain.ok ? plain.value : [];
    return {
      edges,
      parts,
      tooLarge: treated.ok ? null : (treated.refusal.data as { edge: string }).edge,
      outline: chordsOf(parts),
      area: areaWithin(parts),
    };
  };

/** Whether two polygons share some area. */
function meet(a: Polygon, b: Polygon): boolean {
  return boundsMeet(boundsOf(a), boundsOf(b)) && intersect([a], [b]).length > 0;
}

/**
 * The polygons of a run's top before walls cut it. It follows from the run and what is around it: the same polygons as long as those are the same.
 */
function stripOf(design: Design, run: Run): readonly KeyedPolygon[] {
  const { frontOverhang, endOverhang, topThickness } = roomOf(design);
  const bodies = bodiesNear(design, cornersOf(run), MOST_OVERHANG);
  return stripsOf(run[0]!, {
    run,
    around: { bodies, faces: roomShape(design).faces },
    frontOverhang,
    endOverhang,
    topThickness,
  });
}

const cornersOf = rememberOne((run: Run) => run.flatMap(({ rectangle }) => rectangle));

/** How many runs from the same first item are remembered: as they are, and as a drag makes them. */
const RUNS_KEPT = 3;

const stripsOf = remember(
  (_first: Run[number], strip: Strip) => [...runStrip(strip), ...cornerTops(strip.run, strip.frontOverhang)],
  { kept: RUNS_KEPT, steady: true },
);

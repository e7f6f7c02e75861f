import { perDesign, roomOf, type Design } from '../document/design';
import { MOST_OVERHANG } from '../document/limits';
import { remember, rememberBoth, rememberOne } from '../document/remember';
import type { ItemRecord } from '../document/records';
import { apart } from '../geometry/apart';
import { boundsIndex } from '../geometry/bounds-index';
import {
  boundsCorners,
  boundsMeet,
  boundsOf,
  boundsOfAll,
  contains,
  type Polygon,
} from '../geometry/polygon';
import { intersect, type Region } from '../geometry/region';
import { TOUCH } from '../geometry/tolerance';
import { bodiesNear } from '../setting/bodies';
import { itemNumbers } from '../setting/item-numbers';
import { runs, type Run } from '../setting/runs';
import { ownTop } from './own-tops';
import { isOwnTop } from '../ranges/item-kind';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { fixedThings } from '../survey/fixed-things';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { cornerJoin, endsOf, joinsInCorners, type LevelEnd, type RunEnd } from './corner-joins';
import { levelsOf } from './levels';
import { cuttersOf, shapeAsCutting, type Cutting } from './cutters';
import { keyedRings } from './keyed-rings';
import { areaWithin, chordsOf, treatedOutline, type CornerShape, type OutlinePart } from './outline/treated';
import { cornerTops } from './corner-tops';
import { runStrip, runUnderside, underTop, type Strip } from './run-strip';
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

/** How much is remembered of one run: its top as it is, and as a drag makes it. */
const RUNS_KEPT = 3;

/**
 * The countertops of the room, over runs and drawn by themselves. Each run gives a strip from its back to the overhang past its deepest box; ends run to what stands within the end
 * overhang, or past a free end by it; an item can have overhangs of its own; runs that meet in a corner go on to it; what is of one height and
 * thickness and meets is one top; walls and fixed things cut them.
 */
export const tops: (design: Design) => readonly Top[] = perDesign((design) => {
  const all = runs(design);
  const joins = joinsOf(design, all);
  const { topThickness: thickness, counterHeight } = roomOf(design);
  const { faces } = roomShape(design);
  const carried = all.map((run) => {
    const underside = runUnderside(run, { counterHeight, topThickness: thickness });
    return carriedBy(run, {
      underside,
      thickness,
      parts: [...stripOf(design, run), ...(joins.get(run) ?? [])],
    });
  });
  for (const box of itemBoxes(design))
    if (isOwnTop(box.kind)) carried.push(carriedAlone(box, { part: ownTop(box, { faces }) }));
  const levels = levelsOf(carried, (one) => one.underside).flatMap((level) =>
    levelsOf(level, (one) => one.thickness),
  );
  // In the order of the numbers of what they stand on.
  const numbers = itemNumbers(design);
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
      }).map((top) => ({ top, first: Math.min(...top.items.map((id) => numbers.get(id)!)) }));
    });
  });
  return found.sort((a, b) => a.top.underside - b.top.underside || a.first - b.first).map(({ top }) => top);
});

/** A run, or a top by itself, how thick its top is, mm, and the polygons of it before others and walls come to it. */
interface Carried {
  run: Run;
  underside: number;
  thickness: number;
  parts: readonly KeyedPolygon[];
}

/** The very same for the same run with the same top: tops are remembered by it. */
const carriedBy = remember((run: Run, own: Omit<Carried, 'run'>): Carried => ({ run, ...own }), {
  kept: RUNS_KEPT,
});

const carriedAlone = remember((box: ItemBox, { part }: { part: KeyedPolygon }): Carried => {
  return { run: [box], underside: box.low, thickness: box.record.height, parts: [part] };
});

/** What runs carry in the corners they meet in. */
function joinsOf(design: Design, all: readonly Run[]): Map<Run, KeyedPolygon[]> {
  const room = roomOf(design);
  const { frontOverhang } = room;
  const ends = all.flatMap((run) => endsIn(run, { frontOverhang, level: runUnderside(run, room) }));
  return joinsInCorners(roomShape(design).faces, ends, joinOf);
}

const endsIn = remember(
  (run: Run, { frontOverhang, level }: { frontOverhang: number; level: number }): LevelEnd[] =>
    endsOf(run, frontOverhang).map((end) => ({ end, run, level })),
);

const joinOf = rememberBoth((before: RunEnd, after: RunEnd) => cornerJoin(before, after));

/** Polygons of one height, and what carries them. */
interface Level {
  underside: number;
  surface: number;
  polygons: readonly KeyedPolygon[];
  level: readonly Carried[];
}

/** All that tops are cut round, by where it stands. */
const cuttings = perDesign((design) => {
  const all: Cutting[] = [...fixedThings(design)];
  for (const box of itemBoxes(design)) {
    const shape = box.kind.group === 'shapes' ? shapeAsCutting(box) : null;
    if (shape) all.push(shape);
  }
  return boundsIndex(all, ({ footprint }) => footprint);
});

/** The tops that some polygons of one height make together. */
function topsOf(design: Design, { underside, surface, polygons, level }: Level): readonly Top[] {
  const bounds = boundsOfAll(polygons.map(({ ring }) => ring));
  const fixed = cuttings(design)
    .near(boundsCorners(bounds))
    .filter(
      ({ low, high, footprint }) =>
        low < surface && high > underside + TOUCH && boundsMeet(boundsOf(footprint), bounds),
    );
  const shape = roomShape(design);
  return madeTops(polygons[0]!, { polygons, shape, fixed, underside, surface, level });
}

/** The tops that some strips make together within a room, and what carries each: the very same until something of them changes. */
const madeTops = remember(
  (
    _first: KeyedPolygon,
    {
      polygons,
      shape,
      fixed,
      underside,
      surface,
      level,
    }: Level & { shape: RoomShape; fixed: readonly Cutting[] },
  ): Top[] => {
    const corners = new Map<string, ItemRecord['topCorners']>();
    for (const { run } of level)
      for (const { id, record } of run) if (record.topCorners) corners.set(id, record.topCorners);
    const rings = keyedRings(polygons, cuttersOf(shape, fixed)).map((edges) => madeRing(edges, corners));
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
  },
  { kept: RUNS_KEPT },
);

/** Strips that only touch are one top, however they are rounded, mm. */
const ROUNDED = 1;

/** A ring with what is made of it. */
interface MadeRing extends TopRing {
  /** mm²; below 0 of a hole. */
  area: number;
}

/** A ring with its corners as the items at them have them made. */
function madeRing(
  edges: readonly TopEdge[],
  corners: ReadonlyMap<string, ItemRecord['topCorners']>,
): MadeRing {
  const shapes = edges.map((edge, index) => {
    if (corners.size === 0) return null;
    const before = edges[(index + edges.length - 1) % edges.length]!;
    const own = cornersAt(before, edge).map(({ item, corner }) => corners.get(item)?.[corner]);
    return own.find(Boolean) ?? null;
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
}

/** Whether two polygons share some area. */
function meet(a: Polygon, b: Polygon): boolean {
  return boundsMeet(boundsOf(a), boundsOf(b)) && intersect([a], [b]).length > 0;
}

/**
 * The polygons of a run's top before walls cut it. It follows from the run and what is around it: the same polygons as long as those are the same.
 */
function stripOf(design: Design, run: Run): readonly KeyedPolygon[] {
  const room = roomOf(design);
  const { frontOverhang, endOverhang, topThickness } = room;
  const bodies = bodiesNear(design, extentOf(run), MOST_OVERHANG);
  const around = { bodies, faces: roomShape(design).faces };
  const underside = runUnderside(run, room);
  return stripsOf(run, { around, frontOverhang, endOverhang, topThickness, underside });
}

const extentOf = rememberOne((run: Run) => boundsCorners(boundsOfAll(run.map(({ rectangle }) => rectangle))));

const stripsOf = remember(
  (run: Run, more: Omit<Strip, 'run'>) => [...runStrip({ run, ...more }), ...cornerTops({ run, ...more })],
  { kept: RUNS_KEPT, steady: true },
);

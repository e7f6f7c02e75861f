import type { Design } from '../document/design';
import { overhangSides } from '../document/limits';
import { remember, rememberBoth, rememberOne } from '../document/remember';
import { apart } from '../geometry/apart';
import { distance, dot, inward, place, subtract, unit, type Point } from '../geometry/point';
import {
  boundsCorners,
  boundsMeet,
  boundsOf,
  boundsOfAll,
  contains,
  distanceToPath,
  signedArea,
  type Polygon,
} from '../geometry/polygon';
import { intersect } from '../geometry/region';
import { AGAINST, TOUCH } from '../geometry/tolerance';
import { hasLegs } from '../ranges/handing';
import { bodiesNear, type Body } from '../setting/bodies';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { inRuns, type Run } from '../setting/runs';
import { leftFree, stretchOfPolygon } from '../setting/strip';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { boardRings, lineOf, type Bearing, type BoardedRun } from './board-rings';
import { cornerJoin, joinsInCorners, type LevelEnd, type RunEnd } from './corner-joins';
import { cuttersOf } from './cutters';
import { mitred, type Standing } from './edge-stretches';
import { keyedRings } from './keyed-rings';
import { levelsOf } from './levels';
import { BACK_REACH } from './run-strip';
import type { ItemSide, KeyedPolygon, TopEdge } from './top-edge';

/** A board along sides of items, from corner to corner of it: the sides, its outer face, and all of it, mitred. Lengths mm. */
export interface EdgeBoard {
  at: readonly [ItemSide, ...ItemSide[]];
  /** Between neighbours, one of which stands further back: it follows from their fronts. */
  step: boolean;
  edge: TopEdge;
  a: Point;
  b: Point;
  /** Where its mitres meet its inner face, at `a` and at `b`. */
  inner: readonly [Point, Point];
  footprint: Polygon;
}

/** Boards that go round the same items: the outline whose sides they stand along, counter-clockwise, between which heights, and they in order. */
export interface BoardRow {
  items: readonly string[];
  outline: Polygon;
  low: number;
  high: number;
  boards: readonly EdgeBoard[];
}

/** What boards go along: how they do along each item, by its id, and what else may stand against them or need not be minded. */
export interface Along {
  bearings: ReadonlyMap<string, Bearing>;
  beside: readonly Pick<Body, 'pieces'>[];
  ignored: (box: ItemBox) => boolean;
}

/** Runs that end this near before a corner have boards through it: a filler stands between, mm. */
const CORNER_REACH = 200;

/** How many outlines are remembered: of plinths, cornices and light rails, as they are and as a drag makes them. */
const KEPT = 6;

/** The boards along some items: round the corners they meet in and their free ends, to the walls and what else stands there. */
export function boardsAlong(design: Design, along: Along): readonly BoardRow[] {
  const { bearings, beside: more, ignored } = along;
  const shape = roomShape(design);
  const levels = levelsOf(
    itemBoxes(design).filter(({ id }) => bearings.has(id)),
    ({ id }) => bearings.get(id)!.high,
  ).map((boxes) => {
    const { low, high } = bearings.get(boxes[0]!.id)!;
    return inRuns(design, boxes).map((run) =>
      carriedBy(run, { bearings: run.map(({ id }) => bearings.get(id)!), low, high }),
    );
  });
  const joins = joinsInCorners(
    shape.faces,
    levels.flatMap((level) => level.flatMap((carried) => boardEnds(carried))),
    joinOf,
  );
  return levels.flatMap((level) => {
    const extents = new Map<Polygon, Outlined>();
    for (const carried of level) {
      const own = ringsOf(design, carried, bearings);
      const joined = joins.get(carried.run);
      const polygons = joined ? [...own, ...joined] : own;
      if (polygons.length > 0) extents.set(extentOf(polygons[0]!, { polygons }), { carried, polygons });
    }
    const { low, high } = level[0]!;
    // By its id: a run may be remembered with other boxes that are alike.
    const isOfLevel = ({ id }: ItemBox): boolean => {
      const own = bearings.get(id);
      return own !== undefined && own.high >= high && own.high - high <= TOUCH;
    };
    return apart([...extents.keys()], TOUCH).flatMap((together) => {
      const outlined = together.map((extent) => extents.get(extent)!);
      const polygons = outlined.flatMap((one) => one.polygons);
      const bounds = boundsOfAll(together);
      const fixed = fixedThings(design).filter(
        (thing) => thing.low < high && thing.high > low && boundsMeet(boundsOf(thing.footprint), bounds),
      );
      const beside = new Set(more);
      for (const extent of together)
        for (const body of bodiesNear(design, extent, AGAINST)) {
          const isOther = !body.box || !(isOfLevel(body.box) || ignored(body.box));
          if (isOther && body.low < high && body.high > low) beside.add(body);
        }
      return madeRows(polygons[0]!, {
        ...{ polygons, shape, fixed, low, high },
        along: outlined.map(({ carried }) => carried),
        beside: [...beside],
      });
    });
  });
}

/** A run that boards go along, how along each of it, and between which heights. */
interface Carried {
  run: Run;
  bearings: readonly Bearing[];
  low: number;
  high: number;
}

/** With the outlines its boards go round, those in corners too. */
interface Outlined {
  carried: Carried;
  polygons: readonly KeyedPolygon[];
}

/** The very same for the same run, as long as nothing is said anew of its boards: what follows from it is remembered by it. */
const carriedBy = remember((run: Run, more: Omit<Carried, 'run'>): Carried => ({ run, ...more }), {
  kept: KEPT,
});

/** The corners of the extent of some outlines: the very same list for the same ones. */
const extentOf = remember(
  (_first: KeyedPolygon, { polygons }: { polygons: readonly KeyedPolygon[] }): Polygon =>
    boundsCorners(boundsOfAll(polygons.map(({ ring }) => ring))),
  { kept: KEPT },
);

function ringsOf(design: Design, carried: Carried, known: Along['bearings']): readonly KeyedPolygon[] {
  const bodies = bodiesNear(design, endsIn(carried.run), BACK_REACH);
  const others = bodies.map(({ box }) => (box ? known.get(box.id) : undefined));
  return ringsBeside(carried, { around: { bodies, faces: roomShape(design).faces }, others });
}

/** The corners of the items of a run that something can stand beside: what stands at a wall needs nothing else to say how far back it goes. */
const endsIn = rememberOne((run: Run) =>
  [run[0]!, run.at(-1)!, ...run.filter(({ against }) => !against)].flatMap(({ rectangle }) => rectangle),
);

const ringsBeside = remember(
  ({ run, bearings }: Carried, beside: Omit<BoardedRun, 'run' | 'bearings'>) =>
    boardRings({ run, bearings, ...beside }),
  { kept: KEPT, steady: true },
);

/** What boards need to go on through a corner their runs meet in. */
const joinOf = rememberBoth((before: RunEnd, after: RunEnd) => cornerJoin(before, after, CORNER_REACH));

/** The ends of a run that stands against one straight face, each with the line of its own boards. */
const boardEnds = rememberOne(({ run, bearings, high }: Carried): LevelEnd[] => {
  const face = run[0]!.against?.face;
  if (!face || face.arc || run.some(({ against }) => against?.face.id !== face.id)) return [];
  return (['left', 'right'] as const).map((side): LevelEnd => {
    const box = side === 'left' ? run[0]! : run.at(-1)!;
    const { record, against, kind, origin } = box;
    const corner = record.leg !== undefined && hasLegs(kind);
    const index = run.indexOf(box);
    const line = lineOf(run, index) - bearings[index]!.back;
    const end: RunEnd = {
      ...{ run: [box], face, side, over: 0 },
      free: side === 'left' ? against!.along : face.length - against!.along - record.width,
      front: dot(subtract(origin, face.start), face.n) + line,
      beyond: corner && record.hand === side ? record.depth : 0,
    };
    return { end, run, level: high };
  });
});

interface Under {
  polygons: readonly KeyedPolygon[];
  shape: RoomShape;
  fixed: readonly FixedThing[];
  along: readonly Carried[];
  /** What else stands there, and may stand against them. */
  beside: readonly Pick<Body, 'pieces'>[];
  low: number;
  high: number;
}

/** The boards that some outlines make together. */
const madeRows = remember(
  (_first: KeyedPolygon, { polygons, shape, fixed, along, beside, low, high }: Under): BoardRow[] => {
    const thickness = new Map<string, number>();
    for (const { run, bearings } of along)
      for (const [index, { id }] of run.entries()) thickness.set(id, bearings[index]!.thick);
    return keyedRings(polygons, cuttersOf(shape, fixed)).map((edges) => ({
      items: [...new Set(edges.flatMap(({ items }) => items))],
      outline: edges.map(({ a }) => a),
      ...{ low, high },
      boards: boardsOf(edges, thickness, beside),
    }));
  },
  { kept: KEPT },
);

/** A board, or a wall that boards end at. */
type Board = Standing & { at: EdgeBoard['at'] | null; step: boolean; edge: TopEdge };

/** The boards of a ring: along all that is seen of its edges, none where it lies at a wall or something stands against it. */
function boardsOf(
  edges: readonly TopEdge[],
  thickness: ReadonlyMap<string, number>,
  beside: readonly Pick<Body, 'pieces'>[],
): EdgeBoard[] {
  const standing = edges.flatMap((edge): Board[] => {
    const { role, a, b, items } = edge;
    if (role === 'wall' || role === 'fixed') return [{ a, b, thick: 0, at: null, step: false, edge }];
    const step = role === 'step';
    const side = step ? 'front' : overhangSides.find((one) => one === role);
    if (!side || items.length === 0) return [];
    const u = unit(subtract(b, a));
    const at = items.map((item): ItemSide => ({ item, side })) as [ItemSide, ...ItemSide[]];
    const long = distance(a, b);
    const free = role === 'front' ? [[0, long] as const] : seenOf({ a, b, u }, beside);
    const thick = thickness.get(items[0]!)!;
    return free.map(([from, to]) => {
      const starts = from === 0 ? a : place(a, u, from, u, 0);
      const ends = to === long ? b : place(a, u, to, u, 0);
      return { a: starts, b: ends, thick, at, step, edge };
    });
  });
  const footprints = mitred(standing);
  const outline = edges.map(({ a }) => a);
  const path = [...outline, outline[0]!];
  return standing.flatMap(({ at, step, edge, a, b }, index) => {
    if (!at) return [];
    const whole = footprints[index]!;
    const isIn = (corner: Point) => contains(outline, corner) || distanceToPath(corner, path) < ON_OUTLINE;
    // Almost every one lies in its outline; of what was pushed into a wall less may show than a board is thick, or a wedge of it.
    const [footprint = []] = whole.every(isIn) ? [whole] : intersect([whole], [outline]);
    // The mitres of a short board can be longer than it is: its neighbours meet without it.
    if (signedArea(footprint) <= 0) return [];
    return [{ at, step, edge, a, b, inner: [whole[3]!, whole[2]!], footprint }];
  });
}

/** Boards are computed along lines, outlines from corner to corner: a corner this far off its outline is on it, mm. */
const ON_OUTLINE = 0.01;

/** Shorter boards are rounding, mm. */
const NO_BOARD = 1;

/** The stretches of an edge that nothing stands against, mm from its start. */
function seenOf(
  { a, b, u }: Pick<Standing, 'a' | 'b'> & { u: Point },
  beside: readonly Pick<Body, 'pieces'>[],
): [number, number][] {
  const strip = { origin: a, u, n: inward(u), near: 0, far: AGAINST };
  const taken = beside.flatMap(({ pieces }) =>
    pieces.flatMap((piece) => {
      const stretch = stretchOfPolygon(strip, piece);
      return stretch ? [stretch] : [];
    }),
  );
  return leftFree(taken, distance(a, b), NO_BOARD);
}

/** How long a board is on its outer face, mm. */
export const boardLength = ({ a, b }: Pick<EdgeBoard, 'a' | 'b'>): number => distance(a, b);

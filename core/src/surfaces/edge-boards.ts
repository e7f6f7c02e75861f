import type { Design } from '../document/design';
import { overhangSides } from '../document/limits';
import { remember, rememberOne } from '../document/remember';
import { apart } from '../geometry/apart';
import { distance, dot, inward, place, subtract, unit, type Point } from '../geometry/point';
import {
  boundsMeet,
  boundsOf,
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
  ).map((boxes) =>
    inRuns(design, boxes).map((run): Carried => {
      const { low, high } = bearings.get(boxes[0]!.id)!;
      return { run, polygons: ringsOf(design, run, bearings), low, high };
    }),
  );
  const joins = cornersOf(design, levels.flat(), bearings);
  return levels.flatMap((level) => {
    const extents = new Map<Polygon, { run: Run; polygons: readonly KeyedPolygon[] }>();
    const alike = new Set(level.flatMap(({ run }) => run.map(({ id }) => id)));
    for (const { run, polygons } of level) {
      const all = [...polygons, ...(joins.get(run) ?? [])];
      if (all.length > 0) extents.set(extentOf(all[0]!, { all }), { run, polygons: all });
    }
    const { low, high } = level[0]!;
    return apart([...extents.keys()], TOUCH).flatMap((together) => {
      const own = together.map((extent) => extents.get(extent)!);
      const polygons = own.flatMap((one) => one.polygons);
      const bounds = boundsOf(together.flat());
      const fixed = fixedThings(design).filter(
        (thing) => thing.low < high && thing.high > low && boundsMeet(boundsOf(thing.footprint), bounds),
      );
      const boxes = own.flatMap(({ run }) => run);
      const thick = boxes.map((box) => bearings.get(box.id)!.thick);
      const near = new Set(together.flatMap((extent) => bodiesNear(design, extent, AGAINST)));
      const beside = [...more];
      for (const body of near) {
        const isOther = !body.box || !(alike.has(body.box.id) || ignored(body.box));
        if (isOther && body.low < high && body.high > low) beside.push(body);
      }
      return madeRows(polygons[0]!, { polygons, shape, fixed, boxes, thick, beside, low, high });
    });
  });
}

interface Carried {
  run: Run;
  polygons: readonly KeyedPolygon[];
  low: number;
  high: number;
}

/** The corners of the extent of some outlines: the very same list for the same ones. */
const extentOf = remember(
  (_first: KeyedPolygon, { all }: { all: readonly KeyedPolygon[] }): Polygon => {
    const { left, right, bottom, top } = boundsOf(all.flatMap(({ ring }) => ring));
    return [
      { x: left, y: bottom },
      { x: right, y: bottom },
      { x: right, y: top },
      { x: left, y: top },
    ];
  },
  { kept: KEPT },
);

function ringsOf(design: Design, run: Run, known: Along['bearings']): readonly KeyedPolygon[] {
  const bearings = run.map(({ id }) => known.get(id)!);
  const bodies = bodiesNear(design, endsIn(run), BACK_REACH);
  const backs = bodies.flatMap(({ box }): [string, number][] => {
    const bearing = box && known.get(box.id);
    return bearing ? [[box.id, bearing.back]] : [];
  });
  return ringsBeside(run[0]!, { run, bearings, around: { bodies, faces: roomShape(design).faces }, backs });
}

/** The corners of the items of a run that something can stand beside: what stands at a wall needs nothing else to say how far back it goes. */
const endsIn = rememberOne((run: Run) =>
  [run[0]!, run.at(-1)!, ...run.filter(({ against }) => !against)].flatMap(({ rectangle }) => rectangle),
);

const ringsBeside = remember((_first: ItemBox, of: BoardedRun) => boardRings(of), {
  kept: KEPT,
  steady: true,
});

/** What boards need to go on through the corners their runs meet in. */
function cornersOf(
  design: Design,
  carried: readonly Carried[],
  bearings: Along['bearings'],
): ReadonlyMap<Run, KeyedPolygon[]> {
  const ends = carried.flatMap(({ run, high }) =>
    boardEnds(run, { bearings: run.map(({ id }) => bearings.get(id)!) }).map((end): LevelEnd => ({
      end,
      run,
      level: high,
    })),
  );
  return joinsInCorners(roomShape(design).faces, ends, (before, after) =>
    joinOf(before.run[0]!, { before, after }),
  );
}

const joinOf = remember(
  (_box: ItemBox, { before, after }: { before: RunEnd; after: RunEnd }) =>
    cornerJoin(before, after, CORNER_REACH),
  { kept: KEPT },
);

/** The ends of a run that stands against one straight face, each with the line of its own boards. */
const boardEnds = remember((run: Run, { bearings }: { bearings: readonly Bearing[] }): RunEnd[] => {
  const face = run[0]!.against?.face;
  if (!face || face.arc || run.some(({ against }) => against?.face.id !== face.id)) return [];
  return (['left', 'right'] as const).map((side): RunEnd => {
    const box = side === 'left' ? run[0]! : run.at(-1)!;
    const { record, against, kind, origin } = box;
    const corner = record.leg !== undefined && hasLegs(kind);
    const index = run.indexOf(box);
    const line = lineOf(run, index) - bearings[index]!.back;
    return {
      ...{ run: [box], face, side, over: 0 },
      free: side === 'left' ? against!.along : face.length - against!.along - record.width,
      front: dot(subtract(origin, face.start), face.n) + line,
      beyond: corner && record.hand === side ? record.depth : 0,
    };
  });
});

interface Under {
  polygons: readonly KeyedPolygon[];
  shape: RoomShape;
  fixed: readonly FixedThing[];
  boxes: readonly ItemBox[];
  /** How thick the boards along each of them are, mm. */
  thick: readonly number[];
  /** What else stands there, and may stand against them. */
  beside: readonly Pick<Body, 'pieces'>[];
  low: number;
  high: number;
}

/** The boards that some outlines make together. */
const madeRows = remember(
  (_first: KeyedPolygon, { polygons, shape, fixed, boxes, thick, beside, low, high }: Under): BoardRow[] => {
    const thickness = new Map(boxes.map(({ id }, index) => [id, thick[index]!]));
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
    const free = role === 'front' ? [[0, distance(a, b)] as const] : seenOf({ a, b, u }, beside);
    return free.map(([from, to]) => ({
      ...{ at, step, edge, thick: thickness.get(items[0]!)! },
      a: from === 0 ? a : place(a, u, from, u, 0),
      b: to === distance(a, b) ? b : place(a, u, to, u, 0),
    }));
  });
  const footprints = mitred(standing);
  const outline = edges.map(({ a }) => a);
  return standing.flatMap(({ at, step, edge, a, b }, index) => {
    if (!at) return [];
    const whole = footprints[index]!;
    // Of what was pushed into a wall less may show than a board is thick, or a wedge of it.
    const [footprint = []] = within(whole, outline);
    // The mitres of a short board can be longer than it is: its neighbours meet without it.
    if (signedArea(footprint) <= 0) return [];
    return [{ at, step, edge, a, b, inner: [whole[3]!, whole[2]!], footprint }];
  });
}

/** What of a board lies in the outline it stands along: all of it, as it is, of almost every one. */
const within = (board: Polygon, outline: Polygon): readonly Polygon[] =>
  board.every((at) => isInOrOn(outline, at)) ? [board] : intersect([board], [outline]);

/** Boards are computed along lines, outlines from corner to corner: a corner this far off its outline is on it, mm. */
const ON_OUTLINE = 0.01;
const isInOrOn = (outline: Polygon, at: Point): boolean =>
  contains(outline, at) || distanceToPath(at, [...outline, outline[0]!]) < ON_OUTLINE;

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

import { perDesign, roomOf, type Design } from '../document/design';
import { overhangSides } from '../document/limits';
import { remember, rememberBoth, rememberOne } from '../document/remember';
import { apart } from '../geometry/apart';
import { distance, dot, inward, place, subtract, unit, type Point } from '../geometry/point';
import { boundsMeet, boundsOf, type Polygon } from '../geometry/polygon';
import { merged, stretchOfPolygon } from '../setting/strip';
import { AGAINST, TOUCH } from '../geometry/tolerance';
import { constructionBeside, constructionOf, plinthUnder } from '../ranges/construction';
import type { Range } from '../ranges/range';
import { findRange, rangesOf } from '../ranges/shelf';
import { bodiesNear, type Body } from '../setting/bodies';
import { findBox, itemBoxes, type ItemBox } from '../setting/item-box';
import { inRuns, type Run } from '../setting/runs';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { cornerJoin, joinsInCorners, type LevelEnd, type RunEnd } from './corner-joins';
import { cuttersOf } from './cutters';
import { mitred, type Standing } from './edge-stretches';
import { keyedRings } from './keyed-rings';
import { levelsOf } from './levels';
import { hasLegs } from '../ranges/handing';
import { lineOf, plinthRings, type Foot, type FootedRun } from './plinth-outline';
import { BACK_REACH } from './run-strip';
import type { ItemSide, KeyedPolygon, TopEdge } from './top-edge';
import { waterfalls, type Waterfall } from './waterfalls';

/** A board of a plinth, from corner to corner of it: the sides of items it stands at, its outer face, and all of it, mitred. Lengths mm. */
export interface PlinthBoard {
  at: readonly [ItemSide, ...ItemSide[]];
  /** Between neighbours, one of which stands further back: it follows from their fronts. */
  step: boolean;
  a: Point;
  b: Point;
  footprint: Polygon;
}

/** A plinth: what stands on it, how high it is, its boards in order. */
export interface Plinth {
  items: readonly string[];
  height: number;
  boards: readonly PlinthBoard[];
}

/** What is washed in has its feet further back: its plinth stands back behind the others by so much more, mm. */
const DISHWASHER_BACK = 50;
/** Runs that end this near before a corner have one plinth through it: a filler stands between, mm. */
const CORNER_REACH = 200;

/**
 * The plinths of the room: under everything that stands on the floor on one, back behind the fronts, round corners and free ends, to the walls and
 * what else stands there. Where a plinth was set by itself there is no other.
 */
export const plinths: (design: Design) => readonly Plinth[] = perDesign((design) => {
  const shape = roomShape(design);
  const feet = feetOf(design);
  const levels = levelsOf(
    itemBoxes(design).filter(({ id }) => feet.has(id)),
    ({ id }) => feet.get(id)!.height,
  ).map((boxes) =>
    inRuns(design, boxes).map((run): Carried => {
      return { run, polygons: ringsOf(design, run), height: feet.get(boxes[0]!.id)!.height };
    }),
  );
  const joins = cornersOf(design, levels.flat());
  const falling = [...waterfalls(design).values()].flat().map(fallingBody);
  return levels.flatMap((level) => {
    const extents = new Map<Polygon, Carried>();
    for (const one of level) {
      const all = [...one.polygons, ...(joins.get(one.run) ?? [])].flatMap(({ ring }) => ring);
      if (all.length > 0) extents.set(cornersOfBounds(all), one);
    }
    return apart([...extents.keys()], TOUCH).flatMap((together) => {
      const own = together.map((extent) => extents.get(extent)!);
      const polygons = own.flatMap(({ run, polygons: rings }) => [...rings, ...(joins.get(run) ?? [])]);
      const bounds = boundsOf(together.flat());
      const fixed = fixedThings(design).filter(
        ({ low, footprint }) => low < own[0]!.height && boundsMeet(boundsOf(footprint), bounds),
      );
      const boxes = own.flatMap(({ run }) => run);
      const thick = boxes.map((box) => feetOf(design).get(box.id)!.thick);
      const height = own[0]!.height;
      const beside = [
        ...bodiesNear(design, together.flat(), AGAINST).filter(
          ({ box, low }) =>
            low < height && !(box && (feetOf(design).has(box.id) || box.kind.id === 'plinth')),
        ),
        ...falling,
      ];
      return madePlinths(polygons[0]!, { polygons, shape, fixed, boxes, thick, beside, height });
    });
  });
});

/** A top that goes down to the floor, as what stands there. */
const fallingBody = rememberOne(({ footprint }: Waterfall) => ({ pieces: [footprint] }));

interface Carried {
  run: Run;
  polygons: readonly KeyedPolygon[];
  height: number;
}

function cornersOfBounds(points: readonly Point[]): Polygon {
  const { left, right, bottom, top } = boundsOf(points);
  return [
    { x: left, y: bottom },
    { x: right, y: bottom },
    { x: right, y: top },
    { x: left, y: top },
  ];
}

/** What stands on a plinth, and how: none before what has none by hand, nor where one was set by itself. */
const feetOf: (design: Design) => ReadonlyMap<string, Foot> = perDesign((design) => {
  const known = rangesOf(design);
  const { range, plinthBack } = roomOf(design);
  const building = buildingOf(known, {
    room: findRange(range, known) ?? null,
    plinthBack: plinthBack ?? null,
  });
  const set = itemBoxes(design).filter(({ kind }) => kind.id === 'plinth');
  const found = new Map<string, Foot>();
  for (const box of itemBoxes(design)) {
    const foot = footOf(building, box);
    if (foot && !set.some((one) => standsBefore(box, one))) found.set(box.id, foot);
  }
  return found;
});

/** How plinths are built in a room: the ranges there are, its own, and how far they stand back where the room says so. */
interface Building {
  known: readonly Range[];
  room: Range | null;
  plinthBack: number | null;
}

const buildingOf = remember((known: readonly Range[], more: Omit<Building, 'known'>): Building => ({
  known,
  ...more,
}));

const footOf = rememberBoth(
  ({ known, room, plinthBack }: Building, { record, kind }: ItemBox): Foot | null => {
    const made = constructionBeside(record, kind, { known, usual: room && constructionOf(room) });
    const height = plinthUnder(kind, record, made);
    if (!made || height === 0 || record.plinth?.none) return null;
    const { back, thick } = made.plinth;
    const usual = (plinthBack ?? back) + (kind.id === 'dishwasher' ? DISHWASHER_BACK : 0);
    return { height, back: record.plinth?.front ?? usual, thick };
  },
);

/** Whether a plinth that was set by itself stands along most of the front of an item. */
function standsBefore({ origin, u, n, record: { width, depth } }: ItemBox, plinth: ItemBox): boolean {
  const strip = { origin, u, n, near: depth / 2, far: depth + AGAINST };
  const stretch = plinth.pieces.flatMap((piece) => {
    const one = stretchOfPolygon(strip, piece);
    return one ? [Math.min(width, one[1]) - Math.max(0, one[0])] : [];
  });
  return stretch.some((long) => long > width / 2);
}

function ringsOf(design: Design, run: Run): readonly KeyedPolygon[] {
  const feet = run.map(({ id }) => feetOf(design).get(id)!);
  const bodies = bodiesNear(design, endsIn(run), BACK_REACH);
  const backs = bodies.flatMap(({ box }): [string, number][] => {
    const foot = box && feetOf(design).get(box.id);
    return foot ? [[box.id, foot.back]] : [];
  });
  return ringsBeside(run[0]!, { run, feet, around: { bodies, faces: roomShape(design).faces }, backs });
}

/** The corners of the items of a run that something can stand beside: what stands at a wall needs nothing else to say how far back it goes. */
const endsIn = rememberOne((run: Run) =>
  [run[0]!, run.at(-1)!, ...run.filter(({ against }) => !against)].flatMap(({ rectangle }) => rectangle),
);

const ringsBeside = remember((_first: ItemBox, of: FootedRun) => plinthRings(of), { kept: 3 });

/** What plinths need to go on through the corners their runs meet in. */
function cornersOf(design: Design, carried: readonly Carried[]): ReadonlyMap<Run, KeyedPolygon[]> {
  const ends = carried.flatMap(({ run, height }) =>
    endsOf(run, feetOf(design)).map((end): LevelEnd => ({ end, run, level: height })),
  );
  return joinsInCorners(roomShape(design).faces, ends, (before, after) =>
    joinOf(before.run[0]!, { before, after }),
  );
}

const joinOf = remember(
  (_box: ItemBox, { before, after }: { before: RunEnd; after: RunEnd }) =>
    cornerJoin(before, after, CORNER_REACH),
  { kept: 3 },
);

/** The ends of a run that stands against one straight face, each with the line of its own plinth. */
function endsOf(run: Run, feet: ReadonlyMap<string, Foot>): RunEnd[] {
  const face = run[0]!.against?.face;
  if (!face || face.arc || run.some(({ against }) => against?.face.id !== face.id)) return [];
  return (['left', 'right'] as const).map((side): RunEnd => {
    const box = side === 'left' ? run[0]! : run.at(-1)!;
    const { record, against, kind, origin } = box;
    const corner = record.leg !== undefined && hasLegs(kind);
    const line = lineOf(run, run.indexOf(box)) - feet.get(box.id)!.back;
    return {
      ...{ run: [box], face, side, over: 0 },
      free: side === 'left' ? against!.along : face.length - against!.along - record.width,
      front: dot(subtract(origin, face.start), face.n) + line,
      beyond: corner && record.hand === side ? record.depth : 0,
    };
  });
}

interface Under {
  polygons: readonly KeyedPolygon[];
  shape: RoomShape;
  fixed: readonly FixedThing[];
  boxes: readonly ItemBox[];
  /** How thick the boards under each of them are, mm. */
  thick: readonly number[];
  /** What else stands there, and may stand against them. */
  beside: readonly Pick<Body, 'pieces'>[];
  height: number;
}

/** The plinths that some outlines make together. */
const madePlinths = remember(
  (_first: KeyedPolygon, { polygons, shape, fixed, boxes, thick, beside, height }: Under): Plinth[] => {
    const thickness = new Map(boxes.map(({ id }, index) => [id, thick[index]!]));
    return keyedRings(polygons, cuttersOf(shape, fixed)).map((edges) => ({
      items: [...new Set(edges.flatMap(({ items }) => items))],
      height,
      boards: boardsOf(edges, thickness, beside),
    }));
  },
  { kept: 3 },
);

/** A board, or a wall that boards end at. */
type Board = Standing & { at: PlinthBoard['at'] | null; step: boolean };

/** The boards of a ring: along all that is seen of its edges, none where it lies at a wall or something stands against it. */
function boardsOf(
  edges: readonly TopEdge[],
  thickness: ReadonlyMap<string, number>,
  beside: readonly Pick<Body, 'pieces'>[],
): PlinthBoard[] {
  const standing = edges.flatMap(({ role, a, b, items }): Board[] => {
    if (role === 'wall' || role === 'fixed') return [{ a, b, thick: 0, at: null, step: false }];
    const step = role === 'step';
    const side = step ? 'front' : overhangSides.find((one) => one === role);
    if (!side || items.length === 0) return [];
    const u = unit(subtract(b, a));
    const at = items.map((item): ItemSide => ({ item, side })) as [ItemSide, ...ItemSide[]];
    const free = role === 'front' ? [[0, distance(a, b)] as const] : seenOf({ a, b, u }, beside);
    return free.map(([from, to]) => ({
      ...{ at, step, thick: thickness.get(items[0]!)! },
      a: from === 0 ? a : place(a, u, from, u, 0),
      b: to === distance(a, b) ? b : place(a, u, to, u, 0),
    }));
  });
  const footprints = mitred(standing);
  return standing.flatMap(({ at, step, a, b }, index) =>
    at ? [{ at, step, a, b, footprint: footprints[index]! }] : [],
  );
}

/** Shorter boards are rounding, mm. */
const NO_BOARD = 1;

/** The stretches of an edge that nothing stands against. */
function seenOf(
  { a, b, u }: Pick<Standing, 'a' | 'b'> & { u: Point },
  beside: readonly Pick<Body, 'pieces'>[],
): [number, number][] {
  const strip = { origin: a, u, n: inward(u), near: 0, far: AGAINST };
  const long = distance(a, b);
  const taken = merged(
    beside.flatMap(({ pieces }) =>
      pieces.flatMap((piece) => {
        const stretch = stretchOfPolygon(strip, piece);
        return stretch ? [stretch] : [];
      }),
    ),
  );
  const free: [number, number][] = [];
  let from = 0;
  for (const [left, right] of [...taken, [long, long] as const]) {
    if (Math.min(left, long) - from > NO_BOARD) free.push([from, Math.min(left, long)]);
    from = Math.max(from, right);
  }
  return free;
}

/** How far a board of a plinth stands back behind the sides it is under, mm, and whether they say so themselves. */
export function plinthBackOf(
  design: Design,
  { at: [{ item, side }] }: PlinthBoard,
): { back: number; own: boolean } {
  const box = findBox(design, item)!;
  const own = box.record.plinth?.[side];
  const usual = side === 'front' ? (feetOf(design).get(box.id)?.back ?? 0) : 0;
  return { back: own ?? usual, own: own !== undefined };
}

/** How far plinths stand back behind the boxes of the room's range, mm. */
export function usualPlinthBack(design: Design): number {
  const range = findRange(roomOf(design).range, rangesOf(design));
  return (range && constructionOf(range)?.plinth.back) ?? 0;
}

/** How long a board is on its outer face, mm. */
export const boardLength = ({ a, b }: PlinthBoard): number => distance(a, b);

/** Where nothing is known of how long plinths come, mm. */
const USUAL_STOCK = 3_000;

/** The longest plinth that comes in the room's range, mm. */
export function plinthStock(design: Design): number {
  const room = findRange(roomOf(design).range, rangesOf(design));
  const widths =
    room?.families.filter(({ type }) => type === 'plinth').flatMap((family) => family.widths) ?? [];
  return widths.length > 0 ? Math.max(...widths) : USUAL_STOCK;
}

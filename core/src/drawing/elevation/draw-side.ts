import { island as words, sideWords, type SideName } from '../../wording/drawing-words';
import { kindName } from '../../wording/kind-names';
import { perDesign, type Design } from '../../document/design';
import type { DesignRecord } from '../../document/records';
import { remember, rememberOne } from '../../document/remember';
import type { Point } from '../../geometry/point';
import { distance, inward, place, subtract, unit } from '../../geometry/point';
import { contains, forEachEdge, type Polygon } from '../../geometry/polygon';
import { itemsNear } from '../../setting/bodies';
import { islands, togetherWith, type Island } from '../../setting/islands';
import { HUNG, type ItemBox } from '../../setting/item-box';
import { itemNumbers } from '../../setting/item-numbers';
import { runs } from '../../setting/runs';
import { solidsOf, solidsOfItems, type Solid } from '../../solids/solids';
import { fixedThings, type FixedThing } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import { fixedNames } from '../../wording/things';
import { line, WEIGHT, type Medium, type Primitive } from '../primitives';
import { bodiesIn, numbersOf, drawHidden, drawPanels, seenBefore } from './draw-bodies';
import { drawCut, drawWall } from './draw-elevation';
import { frontNumbers, labelledView, NOTHING, type PutByHand } from './view-labels';
import type { Panel } from './panels';
import { bodiesFrame, sideFrame, VIEWS_KEPT, type ViewFrame } from './view-frame';

/** The sides of what stands free, as standing before its front. */
export const sideNames = Object.keys(sideWords) as SideName[];

/** A side of an island, or of a partition or half wall that stands in the room, as a view. */
export interface Side {
  /** The record it is of, and which side. */
  record: DesignRecord;
  side: SideName;
  /** What it is a side of, in words. */
  name: string;
  frame: ViewFrame;
  /** Of an island: the items that are shown, and nothing else. */
  only: ReadonlySet<string> | null;
}

/** How much of the room is kept over what stands free, and floor beside it, mm. */
const OVER = 150;
/** A side of something built is drawn when it is at least so long, mm. */
const LEAST_SIDE = 300;
/** Right before a side that is seen there is so much room, mm. */
const BEFORE = 50;

/** The sides of everything that stands free in the room and can be stood before: islands first, each from its front round to the left. */
export function freeSides(design: Design): Side[] {
  const all = islands(design);
  const alike = new Map<string, number>();
  const named = (name: string) => {
    const count = (alike.get(name) ?? 0) + 1;
    alike.set(name, count);
    return count === 1 ? name : `${name} ${count}`;
  };
  return [
    ...all.flatMap((island) => islandSides(design, island, named(nameOf(design, island)))),
    ...fixedThings(design).flatMap((thing) => builtSides(design, thing, named)),
  ];
}

function nameOf(design: Design, island: Island): string {
  const made = island.some(({ kind }) => ['base', 'tall', 'vanity', 'appliances'].includes(kind.group));
  if (!made) return kindName(island[0].record.type);
  return island.some((box) => togetherWith(design, box).some(({ against }) => against !== null))
    ? words.joined
    : words.standing;
}

function islandSides(design: Design, island: Island, name: string): Side[] {
  const { outline } = roomShape(design);
  return openSides(island[0], { island, name, outline, built: fixedThings(design) }).flatMap(
    ({ side, before }) => (isInRun(design, before) ? [] : [side]),
  );
}

/** The sides of an island that nothing built stands right before, and the place before each. */
const openSides = remember(({ record, u, n }: ItemBox, { island, name, outline, built }: Standing) => {
  const ways = [n, u, { x: -n.x, y: -n.y }, { x: -u.x, y: -u.y }];
  const only = new Set(island.map(({ id }) => id));
  const footprints = island.map(({ footprint }) => footprint);
  const high = Math.max(...island.map((box) => box.high)) + OVER;
  return ways.flatMap((way, index) => {
    const frame = bodiesFrame(footprints, way, high);
    const middle = middleBefore(footprints.flat(), way);
    if (!isFree(middle, outline, built)) return [];
    const side: Side = { record, side: sideNames[index]!, name, frame, only };
    return [{ side, before: [middle] as const }];
  });
});

/** An island, and what there is of the room itself. */
interface Standing {
  island: Island;
  name: string;
  outline: Polygon;
  built: readonly FixedThing[];
}

/** The place right before the middle of the side of some corners that looks a way. */
function middleBefore(corners: readonly Point[], n: Point): Point {
  const u = { x: -n.y, y: n.x };
  const alongs = corners.map(({ x, y }) => x * u.x + y * u.y);
  const out = Math.max(...corners.map(({ x, y }) => x * n.x + y * n.y));
  const along = (Math.min(...alongs) + Math.max(...alongs)) / 2;
  return place({ x: 0, y: 0 }, u, along, n, out + BEFORE);
}

function builtSides(design: Design, thing: FixedThing, named: (name: string) => string): Side[] {
  const { record, footprint, n, u, high } = thing;
  if (record.type !== 'partition' && record.type !== 'half-wall') return [];
  const sides: Side[] = [];
  const { outline } = roomShape(design);
  const others = fixedThings(design).filter(({ id }) => id !== thing.id);
  forEachEdge(footprint, (a, b) => {
    // Outlines of fixed things are walked clockwise; seen from in front of a side its right end comes first.
    const along = unit(subtract(a, b));
    const out = inward(along);
    const middle = place(b, along, distance(a, b) / 2, out, BEFORE);
    if (distance(a, b) < LEAST_SIDE || !isFree(middle, outline, others)) return;
    const ways = [n, u, { x: -n.x, y: -n.y }, { x: -u.x, y: -u.y }];
    const nearest = ways.map((way) => way.x * out.x + way.y * out.y);
    const side = sideNames[nearest.indexOf(Math.max(...nearest))]!;
    sides.push({ record, side, name: '', frame: sideFrame(design, b, a, high), only: null });
  });
  if (sides.length === 0) return [];
  const name = named(fixedNames[record.type]);
  return sides
    .map((side) => ({ ...side, name }))
    .sort((p, q) => sideNames.indexOf(p.side) - sideNames.indexOf(q.side));
}

/** Whether a place is in the room, and in nothing built. */
function isFree(at: Point, outline: Polygon, built: readonly FixedThing[]): boolean {
  return contains(outline, at) && built.every(({ footprint, low }) => low > OVER || !contains(footprint, at));
}

/** Whether a place is in something that stands against a wall: the side of a peninsula that joins its run. */
function isInRun(design: Design, at: readonly [Point]): boolean {
  return itemsNear(design, at).some(
    ({ against, low, footprint }) => against !== null && low < HUNG && contains(footprint, at[0]),
  );
}

/** The elevation of a side of something that stands free; the same marks, as long as nothing it shows has changed. */
export function drawSide(
  design: Design,
  { record, side, frame, only }: Side,
  scale: number,
  medium: Medium = 'paper',
  put: PutByHand = NOTHING,
): readonly Primitive[] {
  const own = only ? ownSolids(design)(only) : solidsOf(design).filter(({ id }) => id !== record.id);
  const solids = seenBefore(frame, own);
  const numbers = itemNumbers(design);
  const numbered = solids.map(({ id }) => numbers.get(id));
  return sideMarks(record, { side, alone: only !== null, frame, solids, numbered, scale, medium, put });
}

/** The bodies of an island, for each of its sides. */
const ownSolids = perDesign((design) =>
  rememberOne((only: ReadonlySet<string>) => solidsOfItems(design, only)),
);

interface Shown {
  side: SideName;
  alone: boolean;
  frame: ViewFrame;
  solids: readonly Solid[];
  numbered: readonly (number | undefined)[];
  scale: number;
  medium: Medium;
  put: PutByHand;
}

const sideMarks = remember(
  ({ id }: DesignRecord, { alone, frame, solids, numbered, scale, medium, put }: Shown) => {
    const around = alone ? [] : [drawWall(frame, id)];
    const edges = alone ? [floorOf(frame)] : drawCut(frame);
    const numbers = numbersOf(solids, numbered);
    return drawAlone(frame, solids, { numbers, around, edges, scale, medium, put });
  },
  // Four sides, each as it was and as a drag makes it.
  { kept: 4 * VIEWS_KEPT },
);

/** The elevation of an item that stands free, with the run it is in, from before its front. */
export function drawRowElevation(design: Design, box: ItemBox, scale: number): Primitive[] {
  const row = runs(design).find((run) => run.some(({ id }) => id === box.id)) ?? [box];
  const ids = new Set(row.map(({ id }) => id));
  const high = Math.max(...row.map((one) => one.high)) + OVER;
  const frame = bodiesFrame(
    row.map(({ rectangle }) => rectangle),
    row[0]!.n,
    high,
  );
  const solids = solidsOfItems(design, ids);
  return drawAlone(frame, solids, {
    ...{
      numbers: itemNumbers(design),
      around: [],
      edges: [floorOf(frame)],
      scale,
      medium: 'screen',
      put: NOTHING,
    },
  });
}

/** What is drawn of some bodies: what lies behind them, their edges over them, and how. */
interface Alone {
  numbers: ReadonlyMap<string, number>;
  around: readonly Primitive[];
  edges: readonly Primitive[];
  scale: number;
  medium: Medium;
  put: PutByHand;
}

function drawAlone(
  frame: ViewFrame,
  solids: readonly Solid[],
  { numbers, around, edges, scale, medium, put }: Alone,
): Primitive[] {
  const bodies = bodiesIn(frame, solids);
  const things = [...around, ...drawPanels(bodies, scale), ...drawHidden(bodies), ...edges];
  const shown = { frame, panels: bodies.panels, scale, medium, put };
  return [...things, ...labelledView(frontNumbers(bodies, isSeenWhole, numbers, shown), things, shown)];
}

function isSeenWhole({ section, edgeLeft, edgeRight }: Panel): boolean {
  return !section && edgeLeft && edgeRight;
}

function floorOf({ length }: ViewFrame): Primitive {
  const floor = [
    { x: -OVER, y: 0 },
    { x: length + OVER, y: 0 },
  ];
  return line('walls', floor, WEIGHT.cut, 'drawing');
}

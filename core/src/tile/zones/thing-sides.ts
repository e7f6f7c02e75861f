import { perDesign, roomOf, type Design } from '../../document/design';
import type { FixedType } from '../../document/fixture-types';
import type { ZoneUpon } from '../../document/records';
import { rememberBoth, rememberOne } from '../../document/remember';
import { distance, dot, middle, place, scale, subtract, type Point } from '../../geometry/point';
import { contains, signedArea, type Polygon } from '../../geometry/polygon';
import type { Stretch } from '../grid-edges';
import type { Region } from '../../geometry/region';
import { findBox, itemBoxes, type ItemBox } from '../../setting/item-box';
import { itemNumbers } from '../../setting/item-numbers';
import { tops, type Top } from '../../surfaces/tops';
import { fixedThings, type FixedThing } from '../../survey/fixed-things';
import { roomShape } from '../../survey/room-shape';
import type { KindId } from '../../wording/kind-names';
import type { SidedThing } from '../../wording/surface-name';
import { level, UPRIGHT, type SurfaceFrame } from './surface-frame';

/** What has sides that tiles could be laid on: something fixed, or an item. */
type Thing = FixedThing | ItemBox;

/** A flat side of a thing, as one looks square on it; from above as one stands before its front. Its places begin at its lower left corner. */
export interface ThingSide {
  /** That of the same side is the same, whichever item of a countertop was named. */
  upon: ZoneUpon;
  called: SidedThing;
  /** All of it, its outlines counter-clockwise, holes clockwise. */
  region: Region;
  frame: SurfaceFrame;
  /** How many edges the outline of the thing has. */
  edges: number;
}

/** A side of a thing; undefined where there is none: the thing is no more, has no such edge, or is round. */
export function findThingSide(design: Design, { thing: id, edge }: ZoneUpon): ThingSide | undefined {
  const thing = fixedThings(design).find((one) => one.id === id) ?? findBox(design, id);
  if (!thing) return undefined;
  const called = calledBy(design).get(id)!;
  if (edge !== undefined) {
    if (('circle' in thing && thing.circle) || edge >= thing.footprint.length) return undefined;
    const [from, to] = footOf(sidesOf(thing)[edge]!);
    if (!(distance(from, to) > SHORT)) return undefined;
    return { ...sidesOf(thing)[edge]!, called };
  }
  const top = tops(design).find(({ items }) => items.includes(id));
  if (!top) return { ...topOf(thing), called };
  const first = top.items[0]!;
  return {
    ...countertop(top, findBox(design, first)!),
    called: { topOver: itemNumbers(design).get(first)! },
  };
}

/** Where a side comes among all that are tiled, by the first number that differs: something fixed before an item, and that before a countertop; the top of a thing first. */
export function sideRank(
  design: Design,
  { upon, called }: ThingSide,
): [group: number, thing: number, edge: number] {
  const edge = upon.edge ?? -1;
  if ('fixed' in called) return [0, fixedThings(design).findIndex(({ id }) => id === upon.thing), edge];
  return 'item' in called ? [1, called.number, edge] : [2, called.topOver, edge];
}

/** What every thing with sides is called by. */
const calledBy = perDesign((design) => {
  const called = new Map<string, SidedThing>();
  const fixed = fixedThings(design);
  const ofType = (type: FixedType) => fixed.filter(({ record }) => record.type === type);
  for (const { id, record } of fixed) {
    const same = ofType(record.type);
    const number = same.length > 1 ? same.findIndex((one) => one.id === id) + 1 : null;
    called.set(id, { fixed: record.type, number });
  }
  const numbers = itemNumbers(design);
  for (const { id, kind } of itemBoxes(design)) called.set(id, { item: kind.id, number: numbers.get(id)! });
  return called;
});

/** A shorter edge of an outline is none, mm. */
const SHORT = 0.1;

type Side = Omit<ThingSide, 'called'>;

/** The sides over the edges of a thing's outline. */
const sidesOf = rememberOne((thing: Thing) => thing.footprint.map((_, edge) => makeSide(thing, edge)));

function makeSide({ id, footprint, low, high }: Thing, edge: number): Side {
  const ends = [footprint[edge]!, footprint[(edge + 1) % footprint.length]!] as const;
  // Outlines are walked clockwise: who stands before a side sees them go from right to left.
  const [from, to] = signedArea(footprint) < 0 ? [ends[1], ends[0]] : ends;
  const wide = distance(from, to);
  const right = scale(subtract(to, from), 1 / wide);
  return {
    upon: { thing: id, edge },
    region: [rectangleOf(wide, high - low)],
    frame: {
      origin: [from.x, from.y, low],
      right: level(right),
      up: UPRIGHT,
      normal: [right.y, -right.x, 0],
    },
    edges: footprint.length,
  };
}

/** What lies on top of a thing that no countertop runs over. */
const topOf = rememberOne((thing: Thing) => lyingOn(thing, [thing.footprint], thing.high));

const countertop = rememberBoth((top: Top, box: ItemBox) => lyingOn(box, top.outline, top.surface));

/** What lies at a height over the place of a thing, in the places of who stands before it. */
function lyingOn(thing: Thing, outlines: readonly Polygon[], high: number): Side {
  const { id, origin, u, n, footprint } = thing;
  const deep = Math.max(...footprint.map((corner) => dot(subtract(corner, origin), n)));
  const front = place(origin, u, 0, n, deep);
  const region = outlines.map((ring): Point[] =>
    ring.map((corner) => {
      const off = subtract(corner, front);
      return { x: dot(off, u), y: 0 - dot(off, n) };
    }),
  );
  const isOutline = outlines.length === 1 && signedArea(region[0]!) < 0;
  return {
    upon: { thing: id },
    region: isOutline ? [region[0]!.toReversed()] : region,
    frame: { origin: [front.x, front.y, high], right: level(u), up: level(n, -1), normal: UPRIGHT },
    edges: footprint.length,
  };
}

const rectangleOf = (wide: number, high: number): Point[] => [
  { x: 0, y: 0 },
  { x: wide, y: 0 },
  { x: wide, y: high },
  { x: 0, y: high },
];

/** What is fixed and tiled as the room is; a radiator and a lining are not. */
const UNTILED: readonly FixedType[] = ['radiator', 'lining'];
/** Items whose sides are tiled, and those of them that are on top: a bench that is built is a shape. */
const SIDED: readonly KindId[] = ['tub', 'shower-pan', 'shape-box', 'shape-outline'];
const TOPPED: readonly KindId[] = ['shape-box', 'shape-outline'];
/** What has more edges than this is as good as round. */
const MOST_EDGES = 12;
/** A side is free where this far before its middle nothing is, mm; a top where so much is over it. */
const BEFORE = 10;

/** Every side of a thing that one would think of tiling: what is free of walls and of other things. */
export const thingSides: (design: Design) => readonly ThingSide[] = perDesign((design) => {
  const { ceilingHeight } = roomOf(design);
  const fixed = fixedThings(design).filter(({ record }) => !UNTILED.includes(record.type));
  const items = itemBoxes(design).filter(({ kind }) => SIDED.includes(kind.id));
  const found: ZoneUpon[] = [];
  for (const thing of [...fixed, ...items]) {
    const { id, footprint, high } = thing;
    const hasTop = !('kind' in thing) || TOPPED.includes(thing.kind.id);
    if (hasTop && high < ceilingHeight - BEFORE) found.push({ thing: id });
    if (('circle' in thing && thing.circle) || footprint.length > MOST_EDGES) continue;
    for (const side of sidesOf(thing)) if (isBare(design, side, ...footOf(side))) found.push(side.upon);
  }
  const over = tops(design).flatMap(({ items: [first] }) => (first === undefined ? [] : [{ thing: first }]));
  return [...found, ...over].flatMap((upon) => findThingSide(design, upon) ?? []);
});

/** The edges of a side that a trim covers: of what lies on top all that is free of walls and of other things, of what stands its right end where another free side meets it. */
export function outerEdges(design: Design, side: ThingSide): Stretch[] {
  const { upon, region, frame, edges } = side;
  const [outline] = region;
  if (upon.edge === undefined)
    return region.flatMap((ring) =>
      ring.flatMap((a, index) => {
        const b = ring[(index + 1) % ring.length]!;
        return isBare(design, side, a, b) ? [{ a, b }] : [];
      }),
    );
  const next = findThingSide(design, { thing: upon.thing, edge: (upon.edge + edges - 1) % edges });
  if (!next || !isBare(design, next, ...footOf(next))) return [];
  // At a corner that goes in the tiles of one end on those of the other.
  const turn = frame.right[0] * next.frame.right[1] - frame.right[1] * next.frame.right[0];
  return turn > 0 ? [{ a: outline![1]!, b: outline![2]! }] : [];
}

/** The foot of what stands, from its left end. */
const footOf = ({ region }: Pick<ThingSide, 'region'>): [Point, Point] => [region[0]![0]!, region[0]![1]!];

/** Whether neither a wall nor something fixed is just outside the middle of an edge of what lies on top, or before the foot of what stands. */
function isBare(design: Design, { upon, frame, region }: Side, a: Point, b: Point): boolean {
  const { origin, right, up, normal } = frame;
  const isTop = upon.edge === undefined;
  const [at, long] = [middle(a, b), distance(a, b)];
  if (long < BEFORE) return false;
  // Outlines are walked with what they hold to the left.
  const out = isTop ? { x: (b.y - a.y) / long, y: (a.x - b.x) / long } : { x: 0, y: 0 };
  const of = (axis: 0 | 1) =>
    origin[axis] +
    right[axis] * (at.x + out.x * BEFORE) +
    up[axis] * (at.y + out.y * BEFORE) +
    (isTop ? 0 : normal[axis] * BEFORE);
  const before = { x: of(0), y: of(1) };
  const low = origin[2];
  const high = isTop ? low + 1 : low + Math.max(...region[0]!.map(({ y }) => y));
  return (
    contains(roomShape(design).outline, before) &&
    !fixedThings(design).some(
      (other) =>
        other.id !== upon.thing && other.low < high && other.high > low && contains(other.footprint, before),
    )
  );
}

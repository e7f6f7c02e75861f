import { perDesign, roomOf, type Design } from '../document/design';
import { jointCornerKeys, type CornerJoint, type JointCornerKey } from '../document/limits';
import { remember } from '../document/remember';
import {
  add,
  cross,
  distance,
  dot,
  inward,
  middle,
  place,
  scale,
  subtract,
  unit,
  type Point,
} from '../geometry/point';
import { stretchOfSegment } from '../setting/strip';
import { findBox, type ItemBox } from '../setting/item-box';
import { areaWithin, type OutlinePart } from './outline/treated';
import { cutOutsApart, meets, type CutOut } from './outline/cut-out';
import { splitParts } from './outline/split-parts';
import { isInchUnit, type LengthUnit } from '../units/units';
import { topCutOuts } from './top-cut-outs';
import { cornersAt, type ItemCorner, type TopEdge } from './top-edge';
import { tops, type Top } from './tops';

/** A joint of a top, from its front to its back, mm. */
export interface TopJoint {
  a: Point;
  b: Point;
  /** By hand, or as it would be by itself. */
  own: boolean;
  /** At an inside corner: which way, and the corners of items there. */
  corner: { way: Exclude<CornerJoint, 'none'>; at: [ItemCorner, ...ItemCorner[]] } | null;
  /** Straight across: the item it is told by, and how far from its left end, mm. */
  across: { item: string; at: number } | null;
  /** The cut-out that it runs through or comes too near to, and the dishwasher it lies over. */
  nearCutOut: string | null;
  over: string | null;
}

/** A piece of a top: its outline, its extent along its front and across, mm, and its area, mm². */
export interface JointedPiece {
  parts: readonly OutlinePart<TopEdge>[];
  length: number;
  width: number;
  area: number;
}

/** A top as it is made: its joints, and the pieces they part it into. */
export interface JointedTop {
  joints: readonly TopJoint[];
  pieces: readonly JointedPiece[];
}

/** A joint keeps at least this from a cut-out, mm. */
export const JOINT_CLEAR = 150;
/** The slab that is usual, mm: of stone, 120 by 55 in where the job is in inches. */
const usualSlab = (unit: LengthUnit) =>
  isInchUnit(unit) ? { length: 3_048, width: 1_397 } : { length: 3_050, width: 1_400 };

/** The slab that tops of a room are cut from, mm. */
export function slabOf(design: Design): { length: number; width: number } {
  const { unit, slabLength, slabWidth } = roomOf(design);
  const usual = usualSlab(unit);
  return { length: slabLength ?? usual.length, width: slabWidth ?? usual.width };
}

/** Every top with its joints. Inside corners are butted, the longer run going through where a slab is long enough; what is longer than a slab is parted in equal lengths, clear of cut-outs and dishwashers. */
export const jointedTops: (design: Design) => ReadonlyMap<Top, JointedTop> = perDesign((design) => {
  const slab = slabOf(design).length;
  const cutOuts = topCutOuts(design);
  const all = tops(design).map((top): [Top, JointedTop] => {
    const cuts = (cutOuts.get(top) ?? []).map(({ cut }) => cut);
    return [top, jointed(top, { slab, cuts, boxes: top.items.map((id) => findBox(design, id)!) })];
  });
  return new Map(all);
});

type Parts = readonly OutlinePart<TopEdge>[];

/** What the joints of a top follow from: how long a slab is, mm, its cut-outs, and what it stands on. */
interface Jointing {
  slab: number;
  cuts: readonly CutOut[];
  boxes: readonly ItemBox[];
}

/** A top with its joints: the very same until something of it changes. */
const jointed = remember((top: Top, of: Jointing) => jointedOf(top, of), { kept: 2 });

function jointedOf(top: Top, { slab, cuts, boxes }: Jointing): JointedTop {
  const outer = top.rings[0]!.parts;
  const below = boxes.filter(({ kind }) => kind.id === 'dishwasher').sort((a, b) => (a.id < b.id ? -1 : 1));
  const checked = (joint: Omit<TopJoint, 'nearCutOut' | 'over'>): TopJoint => {
    const line: CutOut = { id: '', core: [joint.a, joint.b], radius: 0, area: 0 };
    return {
      ...joint,
      nearCutOut: cuts.find((cut) => cutOutsApart(cut, line) < JOINT_CLEAR - 1e-6)?.id ?? null,
      over: below.find((box) => crosses(box, joint.a, joint.b))?.id ?? null,
    };
  };
  let pieces: Parts[] = [outer];
  const joints: TopJoint[] = [];
  const add = (joint: TopJoint): void => {
    for (const [index, piece] of pieces.entries()) {
      const both = splitParts(piece, [joint.a, joint.b], jointEdge(joint));
      if (!both) continue;
      pieces = pieces.toSpliced(index, 1, ...both);
      joints.push(joint);
      return;
    }
  };
  // Across a corner there are two inside corners: where one joint is enough, the longer run goes through, whichever way round they are told.
  const inCorners = insideCorners(boxes, outer).flatMap((corner) => cornerJointOf(corner, outer, slab) ?? []);
  for (const { joint } of inCorners.sort((one, other) => other.through - one.through)) add(checked(joint));
  for (const box of boxes)
    for (const { at } of box.record.topJoints?.across ?? []) {
      const line = acrossAt(pieces, box, at);
      if (line) add(checked({ ...line, own: true, corner: null, across: { item: box.id, at } }));
    }
  for (const piece of pieces)
    for (const line of lengthwise(piece, slab, (a, b) => {
      const { nearCutOut, over } = checked({ a, b, own: false, corner: null, across: null });
      return nearCutOut === null && over === null;
    }))
      add(checked({ ...line, own: false, corner: null, across: underAt(boxes, line.a) }));
  return { joints, pieces: pieces.map(pieceOf) };
}

const jointEdge = ({ a, b }: TopJoint): TopEdge => ({
  ...{ key: 'joint', kind: 'cut', role: 'joint', a, b, items: [], at: null },
});

/** Whether a joint lies over an item; along its side is beside it. */
function crosses({ origin, u, n, record }: ItemBox, a: Point, b: Point): boolean {
  const stretch = stretchOfSegment({ origin, u, n, near: 0, far: record.depth }, a, b);
  return stretch !== null && stretch[1] > SIDE && stretch[0] < record.width - SIDE;
}

/** A joint this near to the side of an item lies along it, mm. */
const SIDE = 1e-3;

/** Fronts that turn by less than this (the sine of 15 degrees) are made in one. */
const LEAST_TURN = Math.sin(Math.PI / 12);

/** Where two fronts meet in an inside corner: what is made of it begins and ends there. */
interface InsideCorner {
  before: OutlinePart<TopEdge> & { type: 'edge' };
  after: OutlinePart<TopEdge> & { type: 'edge' };
  /** Where the corner begins, its middle, and where it ends. */
  from: Point;
  middle: Point;
  to: Point;
  at: [ItemCorner, ...ItemCorner[]];
  own: CornerJoint | null;
}

function insideCorners(boxes: readonly ItemBox[], parts: Parts): InsideCorner[] {
  return parts.flatMap((before, index): InsideCorner[] => {
    if (before.type !== 'edge') return [];
    const next = parts[(index + 1) % parts.length]!;
    const after = next.type === 'edge' ? next : parts[(index + 2) % parts.length]!;
    if (after.type !== 'edge' || before.edge.role !== 'front' || after.edge.role !== 'front') return [];
    const turn = cross(subtract(before.edge.b, before.edge.a), subtract(after.edge.b, after.edge.a));
    const [first, ...more] = cornersAt(before.edge, after.edge);
    if (
      turn > -LEAST_TURN * distance(before.edge.a, before.edge.b) * distance(after.edge.a, after.edge.b) ||
      !first
    )
      return [];
    const at: InsideCorner['at'] = [first, ...more];
    const own = at.map(({ item, corner }) => {
      const told = boxes.find(({ id }) => id === item)?.record.topJoints;
      return jointCornerKeys.some((key) => key === corner) ? told?.[corner as JointCornerKey] : undefined;
    });
    return [
      {
        ...{ before, after, at, from: before.b, to: after.a },
        middle: next === after ? after.a : middleOfPart(next),
        own: own.find((one) => one !== undefined) ?? null,
      },
    ];
  });
}

function middleOfPart(part: OutlinePart): Point {
  if (part.type !== 'arc') return middle(part.a, part.b);
  const { centre, radius } = part.arc;
  return add(centre, scale(unit(subtract(middle(part.a, part.b), centre)), radius));
}

/** The joint of an inside corner as its items say, or butted: the run goes through that is longer, if its piece comes out of a slab. And how long that is, mm; what is said by hand goes before all. */
function cornerJointOf(
  corner: InsideCorner,
  parts: Parts,
  slab: number,
): { joint: Omit<TopJoint, 'nearCutOut' | 'over'>; through: number } | null {
  const { before, after, own, at } = corner;
  const [u, v] = [before, after].map(({ edge }) => unit(subtract(edge.b, edge.a)));
  const left = struck(parts, corner.from, u!);
  const right = struck(parts, corner.to, scale(v!, -1));
  const inner = intoCorner(parts, corner, u!, v!);
  const lengths = [
    left ? distance(before.edge.a, left) : Infinity,
    right ? distance(after.edge.b, right) : Infinity,
  ] as const;
  const usual = lengths[0] >= lengths[1] ? (['left', 'right'] as const) : (['right', 'left'] as const);
  const fits = (way: 'left' | 'right') => lengths[way === 'left' ? 0 : 1] <= slab + 1e-6;
  const way = own ?? usual.find(fits) ?? usual[0];
  if (way === 'none') return null;
  // Where a run goes through, its front line goes on across the other.
  const ends = {
    left: [corner.from, left],
    right: [corner.to, right],
    mitre: [corner.middle, inner],
  } as const;
  const [a, b] = ends[way];
  const through = own ? Infinity : lengths[way === 'left' ? 0 : 1];
  return b ? { joint: { a, b, own: own !== null, corner: { way, at }, across: null }, through } : null;
}

/** Where the way into a corner ends: at the corner of the walls that is nearest to its bisector, or where that meets the outline. */
function intoCorner(parts: Parts, { middle: from }: InsideCorner, u: Point, v: Point): Point | null {
  const way = unit(subtract(u, v));
  const walls = parts.filter((part, index) => {
    const before = parts[(index + parts.length - 1) % parts.length]!;
    return [before, part].every((one) => one.type === 'edge' && one.edge.role === 'wall');
  });
  const corner = walls
    .map(({ a }) => ({
      a,
      off: Math.abs(cross(unit(subtract(a, from)), way)),
      ahead: dot(subtract(a, from), way),
    }))
    .filter(({ off, ahead }) => ahead > 0 && off < 0.26)
    .sort((one, other) => one.ahead - other.ahead)[0];
  return corner?.a ?? struck(parts, from, way);
}

/** Where a way from a place at an outline through what it encloses meets it again. */
function struck(parts: Parts, from: Point, way: Point): Point | null {
  const to = add(from, way);
  const far = parts.flatMap((part) => meets(part, from, to)).filter((at) => at > 0.01);
  return far.length > 0 ? add(from, scale(way, Math.min(...far))) : null;
}

/** A line straight across the piece over an item, so far from its left end. */
function acrossAt(pieces: readonly Parts[], { origin, u, n, record }: ItemBox, at: number) {
  // From within, a little off the back.
  const start = place(origin, u, Math.min(at, record.width), n, 1);
  for (const parts of pieces) {
    const [front, back] = [struck(parts, start, n), struck(parts, start, scale(n, -1))];
    const line = front && back && { a: front, b: back };
    if (line && splitParts(parts, [front, back], jointEdge({ ...line } as TopJoint))) return line;
  }
  return null;
}

/** The item whose width a place lies along, and how far from its left end. */
function underAt(boxes: readonly ItemBox[], point: Point): TopJoint['across'] {
  for (const { id, origin, u, n, record } of boxes) {
    const from = subtract(point, origin);
    const [along, out] = [dot(from, u), dot(from, n)];
    if (along >= -1e-6 && along <= record.width + 1e-6 && out > 0 && out < record.depth + 700)
      return { item: id, at: Math.min(record.width, Math.max(0, along)) };
  }
  return null;
}

/** The longest front of a piece, or its longest edge: it lies along the slab. */
function mainEdge(parts: Parts) {
  const edges = parts.filter((part) => part.type === 'edge');
  const fronts = edges.filter(({ edge }) => edge.role === 'front');
  const long = (part: OutlinePart) => distance(part.a, part.b);
  return (fronts.length > 0 ? fronts : edges).toSorted((one, other) => long(other) - long(one))[0]!;
}

function extentOf(parts: Parts) {
  const { a, b } = mainEdge(parts);
  const u = unit(subtract(b, a));
  const n = scale(inward(u), -1);
  const local = parts.flatMap((part) => [part.a, middleOfPart(part)]).map((point) => subtract(point, a));
  const [alongs, outs] = [local.map((point) => dot(point, u)), local.map((point) => dot(point, n))];
  return {
    a,
    u,
    n,
    from: Math.min(...alongs),
    to: Math.max(...alongs),
    width: Math.max(...outs) - Math.min(...outs),
  };
}

function pieceOf(parts: Parts): JointedPiece {
  const { from, to, width } = extentOf(parts);
  return { parts, length: to - from, width, area: areaWithin(parts) };
}

/** How far a joint may go off its equal share to keep clear, in steps of this, mm. */
const SHIFT = 10;

/** The lines that part a piece which is longer than a slab: equal lengths, each moved as little as keeps it clear. */
function lengthwise(
  parts: Parts,
  slab: number,
  isClear: (a: Point, b: Point) => boolean,
): { a: Point; b: Point }[] {
  const { a, u, n, from, to } = extentOf(parts);
  const lineAt = (along: number): { a: Point; b: Point } | null => {
    // From the front edge inward, which lies at 0 out of itself.
    const start = place(a, u, along, n, 0.5);
    const [front, back] = [struck(parts, start, scale(n, -1)), struck(parts, start, n)];
    return back ? { a: front ?? start, b: back } : null;
  };
  const count = Math.ceil((to - from - 1e-6) / slab);
  const lines: { a: Point; b: Point }[] = [];
  let last = from;
  for (let index = 1; index < count; index++) {
    const wanted = from + ((to - from) * index) / count;
    const most = last + slab;
    const least = to - slab * (count - index);
    const tries = Array.from({ length: Math.ceil((slab / SHIFT) * 2) }, (_, step) => {
      const by = Math.ceil(step / 2) * SHIFT;
      return wanted + (step % 2 === 0 ? -by : by);
    }).filter((along) => along <= most + 1e-6 && along >= least - 1e-6);
    const found = tries.find((along) => {
      const line = lineAt(along);
      return line !== null && isClear(line.a, line.b);
    });
    const line = lineAt(found ?? wanted);
    if (!line) continue;
    lines.push(line);
    last = found ?? wanted;
  }
  return lines;
}

import { isMovable } from '../ranges/item-kind';
import { perDesign, type Design } from '../document/design';
import { boundsIndex } from '../geometry/bounds-index';
import { dot, inward, middle, place, scale, subtract, type Point } from '../geometry/point';
import { contains } from '../geometry/polygon';
import { AGAINST, PARALLEL } from '../geometry/tolerance';
import { constructionOfItem } from '../ranges/construction';
import { hasLegs } from '../ranges/handing';
import { rangesOf } from '../ranges/shelf';
import { fixedThings } from '../survey/fixed-things';
import { roomShape } from '../survey/room-shape';
import { bodiesNear } from './bodies';
import { HUNG, itemBoxes, type ItemBox } from './item-box';
import type { Setting } from './landing';
import { leftFree, parallel, stretchOfPolygon } from './strip';

/** A line that something is set along with its back: an edge of cabinets, of a shower tray, or the back of an island. */
export interface Ledge {
  /** The items it belongs to, the left one first. */
  boxes: readonly [ItemBox, ...ItemBox[]];
  /** Where the back left corner of what is set at its left end comes to lie; u runs along it, n to the front of what is set. */
  start: Point;
  u: Point;
  n: Point;
  length: number;
  /** The underside of what is set there, above the floor. */
  up: number;
  /** How far off the face its boxes stand against what is set along it is; 0 along no face. */
  off: number;
}

/** The lines that a setting belongs along. */
export function ledgesFor(design: Design, setting: Setting): Ledge[] {
  if (!setting.edge) return [];
  return setting.edge.of === 'tray' ? trayEdges(design, setting) : frontEdges(design, setting);
}

/** The backs of what stands free in the room on the floor, for what is set back to back with it. */
export function islandBacks(design: Design, setting: Setting): readonly Ledge[] {
  const { except, low, high } = setting;
  const known = backsOf(design);
  const key = [low, high, ...(except ?? [])].join(' ');
  let backs = known.get(key);
  if (!backs) known.set(key, (backs = findBacks(design, setting)));
  return backs;
}
/** Asked for with every move of a pointer over the same design. */
const backsOf = perDesign(() => new Map<string, readonly Ledge[]>());

function findBacks(design: Design, { except, low, high }: Setting): Ledge[] {
  const free = itemBoxes(design).filter(
    ({ id, against, kind, ...box }) =>
      !against && !kind.flat && !isMovable(kind) && !except?.has(id) && box.low < high && box.high > low,
  );
  return inLine(free, ({ origin }) => origin).map((boxes) => {
    const [first] = boxes;
    const length = lengthOf(boxes);
    const start = place(first.origin, first.u, length, first.n, 0);
    return { boxes, start, u: scale(first.u, -1), n: scale(first.n, -1), length, up: 0, off: 0 };
  });
}

/** The stretches of a ledge that nothing stands along yet, mm from its left end: nothing set along the same edge, and behind an island nothing at all. */
export function freeAlong(design: Design, ledge: Ledge, { depth, low, high, edge, except }: Setting) {
  const { start, u, n, length, up } = ledge;
  const strip = { origin: start, u, n, near: 0, far: depth };
  const [from, to] = edge ? [up, up + high - low] : [low, high];
  const around = [
    start,
    place(start, u, length, n, depth),
    place(start, u, length, n, 0),
    place(start, u, 0, n, depth),
  ];
  const own = new Set(ledge.boxes.map(({ id }) => id));
  const taken = bodiesNear(design, around).flatMap(({ id, box, pieces, ...body }) => {
    if (own.has(id) || except?.has(id) || body.low >= to || body.high <= from) return [];
    if (edge && box?.kind.edge !== edge.of) return [];
    return pieces.flatMap((piece) => {
      const stretch = stretchOfPolygon(strip, piece);
      return stretch ? [stretch] : [];
    });
  });
  return leftFree(taken, length, AGAINST).map(([from, to]) => ({ from, to }));
}

/** The fronts of cabinets in line, over, under or at the foot of which trim runs: its front in line with theirs, a plinth set back as its construction says. */
function frontEdges(design: Design, { edge, depth, low, high, except }: Setting): Ledge[] {
  const tall = high - low;
  const of = edge!.of;
  const trimmed = itemBoxes(design).filter(({ id, kind, ...box }) => {
    if (except?.has(id) || kind.flat || hasLegs(kind)) return false;
    if (of === 'top') return kind.group === 'wall' || kind.group === 'tall';
    if (of === 'underside') return kind.group === 'wall' && box.low >= HUNG;
    return (
      box.low === 0 &&
      (kind.group === 'base' || kind.group === 'vanity' || kind.group === 'tall' || kind.top === 'under')
    );
  });
  const heightOf = ({ low: from, high: to }: ItemBox) =>
    of === 'top' ? to : of === 'underside' ? Math.max(0, from - tall) : 0;
  return inLine(trimmed, ({ rectangle }) => rectangle[3], heightOf).map((boxes) => {
    const [first] = boxes;
    const back =
      of === 'foot'
        ? Math.max(
            0,
            ...boxes.map(({ record }) => constructionOfItem(record, rangesOf(design))?.plinth.back ?? 0),
          )
        : 0;
    const out = first.record.depth - back - depth;
    return {
      boxes,
      start: place(first.origin, first.u, 0, first.n, out),
      u: first.u,
      n: first.n,
      length: lengthOf(boxes),
      up: heightOf(first),
      off: out + (first.record.placement.on === 'face' ? first.record.placement.off : 0),
    };
  });
}

/** Items facing the same way with their corners in one line, end to end and as high there, the left one first. */
function inLine(
  boxes: readonly ItemBox[],
  corner: (box: ItemBox) => Point,
  heightOf: (box: ItemBox) => number = () => 0,
): [ItemBox, ...ItemBox[]][] {
  const left = new Set(boxes);
  const lineOf = (box: ItemBox) => [corner(box), place(corner(box), box.u, box.record.width, box.n, 0)];
  const index = boundsIndex(boxes, lineOf);
  const rows: [ItemBox, ...ItemBox[]][] = [];
  for (const seed of boxes) {
    if (!left.delete(seed)) continue;
    const row = [seed];
    for (const box of row)
      for (const other of index.near(lineOf(box), 2 * AGAINST)) {
        if (!left.has(other) || dot(box.u, other.u) <= 0 || !parallel(box.u, other.u, PARALLEL)) continue;
        const apart = subtract(corner(other), corner(box));
        const along = dot(apart, box.u);
        const gap = along >= 0 ? along - box.record.width : -along - other.record.width;
        if (Math.abs(gap) > AGAINST || Math.abs(dot(apart, box.n)) > AGAINST) continue;
        if (Math.abs(heightOf(other) - heightOf(box)) > AGAINST) continue;
        left.delete(other);
        row.push(other);
      }
    const alongOf = (box: ItemBox) => dot(subtract(box.origin, seed.origin), seed.u);
    rows.push(row.sort((a, b) => alongOf(a) - alongOf(b)) as [ItemBox, ...ItemBox[]]);
  }
  return rows;
}

/** From the left end of the first of a row to the right end of the last, mm. */
function lengthOf(boxes: readonly [ItemBox, ...ItemBox[]]): number {
  const [first] = boxes;
  return Math.max(...boxes.map((box) => dot(subtract(box.origin, first.origin), first.u) + box.record.width));
}

/** So far outside the middle of an edge of a tray there is floor to step in from, mm. */
const STEP_IN = 60;

/** The edges of shower trays that no wall stands along: glass stands on them, flush with the tray, its front outwards. */
function trayEdges(design: Design, { depth, except }: Setting): Ledge[] {
  const { outline } = roomShape(design);
  const built = fixedThings(design).map(({ footprint }) => footprint);
  return itemBoxes(design).flatMap((box) => {
    if (box.kind.symbol !== 'shower' || except?.has(box.id)) return [];
    const [backLeft, backRight, frontRight, frontLeft] = box.rectangle;
    const edges: [Point, Point, Point][] = [
      [frontLeft, frontRight, box.n],
      [backLeft, frontLeft, scale(box.u, -1)],
      [frontRight, backRight, box.u],
      [backRight, backLeft, scale(box.n, -1)],
    ];
    return edges.flatMap(([a, b, out]): Ledge[] => {
      const u = scale(inward(out), -1);
      const outside = place(middle(a, b), out, STEP_IN, u, 0);
      if (!contains(outline, outside) || built.some((footprint) => contains(footprint, outside))) return [];
      const start = place(dot(subtract(b, a), u) > 0 ? a : b, out, -depth, u, 0);
      return [
        { boxes: [box], start, u, n: out, length: Math.abs(dot(subtract(b, a), u)), up: box.high, off: 0 },
      ];
    });
  });
}

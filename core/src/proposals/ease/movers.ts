import type { Design } from '../../document/design';
import { dot, scale, subtract, type Point } from '../../geometry/point';
import { boundsMeet, boundsOf } from '../../geometry/polygon';
import type { Finding } from '../../reach/finding';
import { isMovable } from '../../ranges/item-kind';
import { islands } from '../../setting/islands';
import { itemBoxes, middleOf, type ItemBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';

/** Things that are moved together, and the directions in plan they can be moved in; unit vectors. */
export interface Mover {
  boxes: readonly [ItemBox, ...ItemBox[]];
  ways: readonly Point[];
}

/** What stands at most so far from the place of a finding may be what makes it tight, mm. */
const NEAR = 60;
/** No more things than this are tried to be moved for one finding, those it is about first. */
const MOST_MOVERS = 6;
/** Directions nearer to each other than this (the cosine) are one. */
const SAME = 0.999;

/** What can be moved to ease a finding: what it is about, each with what is let into it, or with the island or group it belongs to; then what stands free at its place. */
export function moversFor(design: Design, finding: Finding): readonly Mover[] {
  const boxes = itemBoxes(design);
  const own = finding.ids.flatMap((id) => boxes.find((box) => box.id === id) ?? []);
  const extent = finding.place.length > 0 ? boundsOf(finding.place) : null;
  const wide = extent && {
    left: extent.left - NEAR,
    right: extent.right + NEAR,
    bottom: extent.bottom - NEAR,
    top: extent.top + NEAR,
  };
  const near = wide
    ? boxes.filter(
        (box) =>
          box.record.placement.on === 'floor' &&
          !isMovable(box.kind) &&
          !own.includes(box) &&
          boundsMeet(wide, boundsOf(box.footprint)),
      )
    : [];
  const movers = new Map<string, Mover>();
  for (const box of [...own, ...near]) {
    const ways = waysOf(design, box, own);
    for (const together of [[box, ...letInto(boxes, box)], blockOf(design, boxes, box)]) {
      if (together.some(({ record }) => record.locked)) continue;
      const key = together
        .map(({ id }) => id)
        .sort()
        .join(' ');
      if (!movers.has(key) && movers.size < MOST_MOVERS)
        movers.set(key, { boxes: together as [ItemBox, ...ItemBox[]], ways });
    }
  }
  return [...movers.values()];
}

/** What is let into an item, and goes with it. */
const letInto = (boxes: readonly ItemBox[], host: ItemBox): readonly ItemBox[] =>
  boxes.filter((box) => box !== host && box.kind.within && isInside(middleOf(box), host));

function isInside(at: Point, { origin, u, n, record }: ItemBox): boolean {
  const off = subtract(at, origin);
  const [along, out] = [dot(off, u), dot(off, n)];
  return along > 0 && along < record.width && out > 0 && out < record.depth;
}

/** All that is moved together with an item by hand: its group, and the island it is of; with what is let into them. */
function blockOf(design: Design, boxes: readonly ItemBox[], box: ItemBox): readonly ItemBox[] {
  const island = islands(design).find((one) => one.includes(box)) ?? [box];
  const { group } = box.record;
  const mates = group === undefined ? [] : boxes.filter(({ record }) => record.group === group);
  const block = new Set([box, ...island, ...mates]);
  for (const one of [...block]) for (const other of letInto(boxes, one)) block.add(other);
  return [...block];
}

/** What stands against a face is moved along it; what stands free any way that it, the walls or what it is too near to run. */
function waysOf(design: Design, box: ItemBox, others: readonly ItemBox[]): readonly Point[] {
  if (box.against) return bothWays([box.u]);
  const faces = roomShape(design).faces.filter(({ arc }) => !arc);
  return bothWays([
    ...[box, ...others].flatMap(({ u, n }) => [u, n]),
    ...faces.slice(0, 12).map(({ u }) => u),
    ...faces.slice(0, 12).map(({ n }) => n),
  ]);
}

function bothWays(ways: readonly Point[]): readonly Point[] {
  const found: Point[] = [];
  for (const way of [...ways, ...ways.map((one) => scale(one, -1))])
    if (!found.some((one) => dot(one, way) > SAME)) found.push(way);
  return found;
}

/** How far the farthest corner of an item goes when it is turned about its middle, mm. */
export function movedByTurn({ record: { width, depth } }: ItemBox, by: number): number {
  return 2 * Math.sin(Math.min(Math.abs(by), Math.PI) / 2) * (Math.hypot(width, depth) / 2);
}

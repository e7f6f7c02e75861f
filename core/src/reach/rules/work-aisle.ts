import { isMovable } from '../../ranges/item-kind';
import { named } from '../../nouns';
import { boundsIndex } from '../../geometry/bounds-index';
import { dot, place, scale, subtract, type Point } from '../../geometry/point';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { KEPT, TOUCH } from '../../geometry/tolerance';
import { itemsNear } from '../../setting/bodies';
import { HUNG, type ItemBox } from '../../setting/item-box';
import type { Top } from '../../surfaces/tops';
import { overhangPast } from '../../surfaces/overhang';
import type { Finding, ReachFacts, Rule } from '../rule';

/** Fronts farther apart than this have a floor between them, not an aisle, mm. */
const AISLE_REACH = 3_000;

/** Edges face each other when their directions are opposed within this, radians: out-of-square walls still make an aisle. */
const FACING = (10 * Math.PI) / 180;

interface Edge {
  box: ItemBox;
  from: Point;
  to: Point;
  /** Where its front looks. */
  out: Point;
  /** True for a worked front; false for the side or back of an item. */
  front: boolean;
}

/** Room to work between counter fronts, tall units and appliances: the tightest place between each two runs. */
export const workAisle: Rule = {
  id: 'work-aisle',
  level: 'guideline',
  parameters: { 'inch-residential': { width: 1066.8 }, 'metric-residential': { width: 1000 } },
  check(facts, { width }) {
    const topOf = new Map(facts.tops.flatMap((top) => top.items.map((id) => [id, top] as const)).reverse());
    const edges = facts.boxes
      .filter(({ low, kind }) => low < HUNG && !isMovable(kind))
      .flatMap((box) => edgesOf(box, topOf.get(box.id)));
    const index = boundsIndex(edges, ({ from, to }) => [from, to]);
    const tightest = new Map<string, Omit<Finding, 'rule'>>();
    for (const a of edges) {
      if (!a.front) continue;
      const reached = [a.from, a.to].flatMap((end) => [end, place(end, a.out, AISLE_REACH, a.out, 0)]);
      for (const b of index.near(reached)) {
        if (a.box === b.box || (b.front && a.box.id > b.box.id)) continue;
        const aisle = between(a, b);
        if (!aisle) continue;
        const key = [groupOf(a.box), groupOf(b.box)].sort().join(' ');
        const known = tightest.get(key);
        if ((known && known.measured <= aisle.width) || filled(facts, aisle.corners, a.box, b.box)) continue;
        tightest.set(key, {
          verdict: aisle.width < width! - KEPT ? 'tight' : 'clear',
          ids: [a.box.id, b.box.id],
          place: aisle.corners,
          measured: aisle.width,
          required: width!,
          names: [named(a.box.record.code), named(b.box.record.code)],
        });
      }
    }
    return [...tightest.values()];
  },
};

/** Whether another item stands in the space between two: then it is a joint of runs, not an aisle. */
function filled({ design }: ReachFacts, corners: readonly Point[], a: ItemBox, b: ItemBox): boolean {
  return itemsNear(design, corners).some(
    (box) => box !== a && box !== b && deepestOverlap([corners], box.pieces) > TOUCH,
  );
}

/** Items of one face, or of one direction in the open floor, count as one side of an aisle. */
function groupOf({ against, turn, id }: ItemBox): string {
  return against ? against.face.id : `free ${turn.toFixed(3)} ${id}`;
}

/** The four sides of an item, each moved out by what its top stands past it. */
function edgesOf(box: ItemBox, top: Top | undefined): Edge[] {
  const [backLeft, backRight, frontRight, frontLeft] = box.rectangle;
  const edge = (from: Point, to: Point, out: Point, front = false): Edge => {
    const by = top ? overhangPast(top, from, to, out) : 0;
    return { box, from: place(from, out, by, out, 0), to: place(to, out, by, out, 0), out, front };
  };
  const { u, n, kind } = box;
  return [
    edge(frontRight, frontLeft, n, kind.front),
    edge(backLeft, backRight, scale(n, -1)),
    edge(frontLeft, backLeft, scale(u, -1)),
    edge(backRight, frontRight, u),
  ];
}

/** The clear width between two edges that face each other over some length, and the space between them. */
function between(a: Edge, b: Edge): { width: number; corners: Point[] } | null {
  if (dot(a.out, b.out) > -Math.cos(FACING)) return null;
  const along = scale(subtract(a.to, a.from), 1 / Math.hypot(a.to.x - a.from.x, a.to.y - a.from.y));
  const at = (point: Point) => ({
    along: dot(subtract(point, a.from), along),
    out: dot(subtract(point, a.from), a.out),
  });
  const size = at(a.to).along;
  const [p, q] = [at(b.from), at(b.to)].sort((one, other) => one.along - other.along) as [
    ReturnType<typeof at>,
    ReturnType<typeof at>,
  ];
  const [from, to] = [Math.max(0, p.along), Math.min(size, q.along)];
  if (to - from < 1) return null;
  const outAt = (x: number) => p.out + ((q.out - p.out) * (x - p.along)) / (q.along - p.along);
  const width = Math.min(outAt(from), outAt(to));
  if (width <= 0 || width > AISLE_REACH) return null;
  const corner = (x: number, out: number) => place(a.from, along, x, a.out, out);
  return {
    width,
    corners: [corner(from, 0), corner(to, 0), corner(to, outAt(to)), corner(from, outAt(from))],
  };
}

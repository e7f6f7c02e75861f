import { perDesign, type Design } from '../../document/design';
import { MOST_OVERHANG } from '../../document/limits';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { dot, place, subtract, unit, type Point } from '../../geometry/point';
import { nearestBetween } from '../../geometry/nearest-between';
import { SAME_PLACE, TOUCH } from '../../geometry/tolerance';
import { isMovable, type ItemKind } from '../../ranges/item-kind';
import { islands } from '../../setting/islands';
import { boxesAgainst, HUNG, itemBoxes, type ItemBox } from '../../setting/item-box';
import { roomShape } from '../../survey/room-shape';
import { finishedEdges, type FinishedEdge } from '../facts/fronts';
import { byMeasure } from '../held';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** Edges face each other when their directions are apart by more than this, as the cosine: 120 degrees. */
const FACING = -0.5;
/** Edges that overlap by less than this face past each other, mm. */
const OVERLAP = 1;

/** The room between fronts that are worked at and what faces them: the tightest place between each two sides of the room. */
export const aisle: Measure<ItemBox> = {
  id: 'aisle',
  tightest: 'aisle',
  subjects: (design) => itemBoxes(design).filter(({ kind, low }) => isWorkedAt(kind) && low < HUNG),
  take(box, look, { reach = 0 }) {
    const fronts = look.at((design) => finishedEdges(design, box)).filter(({ front }) => front);
    return fronts.flatMap((edge) => {
      const ahead = [
        edge.from,
        edge.to,
        place(edge.from, edge.out, reach, edge.out, 0),
        place(edge.to, edge.out, reach, edge.out, 0),
      ];
      const near = look.near(ahead, MOST_OVERHANG).flatMap(({ box: other }) => other ?? []);
      const facing = near
        .filter((other) => other !== box && other.low < HUNG && !isMovable(other.kind) && isBuilt(other.kind))
        .flatMap((other) => look.at((design) => finishedEdges(design, other)))
        .flatMap((other) => {
          const between = clearBetween(edge, other);
          return between && between.width <= reach + SAME_PLACE ? [{ ...between, box: other.box }] : [];
        })
        .sort((a, b) => byMeasure({ by: a.width, id: a.box.id }, { by: b.width, id: b.box.id }));
      // The tightest with each side of the room that has nothing standing between.
      const found = new Map<string, Reading>();
      const own = look.at((design) => sideOf(design, box));
      for (const { box: other, width, corners } of facing) {
        const side = look.at((design) => sideOf(design, other));
        if (side === own || found.has(side)) continue;
        if (near.some((one) => stands(one, corners, box, other))) continue;
        const pair = [box.id, other.id];
        found.set(side, {
          key: [own, side].sort().join(' '),
          ids: pair,
          place: corners,
          about: pair.map((of) => ({ of })),
          values: { aisle: width },
          traits: { deadEnd: look.at((design) => isDeadEnd(design, box, other)) },
        });
      }
      return [...found.values()];
    });
  },
};

/** Counters, tall units and appliances, not what is washed or sat at. */
const isWorkedAt = ({ front, group }: ItemKind): boolean =>
  front && (group === 'base' || group === 'tall' || group === 'appliances');

const isBuilt = ({ group }: ItemKind): boolean =>
  group !== 'fixtures' && group !== 'dressing' && group !== 'vanity';

/** Whether another item stands in the space between two: then it is a joint of runs, not an aisle. */
function stands(one: ItemBox, corners: readonly Point[], a: ItemBox, b: ItemBox): boolean {
  return one !== a && one !== b && one.low < HUNG && deepestOverlap([corners], one.pieces) > TOUCH;
}

/** What an item is part of: a face's side of the room, an island, or itself. */
function sideOf(design: Design, { against, id }: ItemBox): string {
  return against ? against.face.id : (islandOf(design).get(id) ?? id);
}

/** Whether a third run joins two that face each other: one goes out where one came in. */
function isDeadEnd(design: Design, a: ItemBox, b: ItemBox): boolean {
  const [one, other] = [a.against?.face.id, b.against?.face.id];
  if (!one || !other) return false;
  const { faces } = roomShape(design);
  return faces.some((face, index) => {
    const beside = [faces.at(index - 1)!.id, faces[(index + 1) % faces.length]!.id];
    return (
      beside.includes(one) &&
      beside.includes(other) &&
      boxesAgainst(design, face.id).some(({ kind, low }) => isWorkedAt(kind) && low < HUNG)
    );
  });
}

const islandOf = perDesign(
  (design) =>
    new Map(islands(design).flatMap((island) => island.map(({ id }) => [id, island[0].id] as const))),
);

/** The least distance between two edges that face each other, either over some of the other, mm, and the space between them; null where they do not. */
function clearBetween(a: FinishedEdge, b: FinishedEdge): { width: number; corners: Point[] } | null {
  if (dot(a.out, b.out) >= FACING) return null;
  const [own, other] = [shareAlong(a, b), shareAlong(b, a)];
  if (!own && !other) return null;
  if (!isAhead(a, b) || !isAhead(b, a)) return null;
  const { apart, from, to } = nearestBetween([a.from, a.to], [b.from, b.to]);
  return { width: apart, corners: [...(own ?? [from]), ...(other ?? [to])] };
}

/** The stretch of an edge that another overlaps in projection. */
function shareAlong(edge: FinishedEdge, { from, to }: FinishedEdge): [Point, Point] | null {
  const along = unit(subtract(edge.to, edge.from));
  const size = dot(subtract(edge.to, edge.from), along);
  const ends = [from, to].map((end) => dot(subtract(end, edge.from), along));
  const [low, high] = [Math.max(0, Math.min(...ends)), Math.min(size, Math.max(...ends))];
  if (high - low < OVERLAP) return null;
  return [place(edge.from, along, low, along, 0), place(edge.from, along, high, along, 0)];
}

/** Whether an edge lies ahead of another, all of it. */
const isAhead = (edge: FinishedEdge, { from, to }: FinishedEdge): boolean =>
  [from, to].every((end) => dot(subtract(end, edge.from), edge.out) > 0);

import { distance, dot, place, subtract, type Point } from '../../geometry/point';
import { fixtures, itselfAlong } from '../facts/fixtures';
import { finishedEdges } from '../facts/fronts';
import { HUNG, type ItemBox } from '../../setting/item-box';
import { byMeasure } from '../held';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** A neighbour farther to the side, or farther ahead, than this leaves room to stand, mm. */
const FAR = 2_000;

/** How far a dishwasher is from the sink beside it, side to side, and how much room there is to stand between it and what stands at a right angle. */
export const dishwasherPlace: Measure<ItemBox> = {
  id: 'dishwasher-place',
  subjects: (design) => fixtures(design, 'dishwasher'),
  take(box, look) {
    const sinks = look.at((design) => fixtures(design, 'sink'));
    const own = sides(box, [0, box.record.width]);
    const nearest = sinks
      .map((sink) => {
        const its = sides(sink, [
          look.at((design) => itselfAlong(design, sink)[0]),
          look.at((design) => itselfAlong(design, sink)[1]),
        ]);
        const pairs = own.flatMap((a) => its.map((b) => ({ a, b, away: apart(box, sink, a, b) })));
        return { sink, ...pairs.reduce((one, other) => (other.away < one.away ? other : one)) };
      })
      .sort((a, b) => a.away - b.away)[0];
    const standing = standingRoom(
      box,
      look.near(box.rectangle, FAR * Math.SQRT2).flatMap(({ box: other }) => other ?? []),
      (other) => look.at((design) => finishedEdges(design, other)),
    );
    const readings: Reading[] = [];
    if (nearest)
      readings.push({
        key: `${box.id} ${nearest.sink.id}`,
        ids: [box.id, nearest.sink.id],
        place: [nearest.a, nearest.b],
        about: [{ of: box.id }, { of: nearest.sink.id }],
        values: { 'edge-to-edge': nearest.away },
      });
    if (standing)
      readings.push({
        key: `${box.id} standing`,
        ids: [box.id, standing.other.id],
        place: standing.place,
        about: [{ of: box.id }, { of: standing.other.id }],
        values: { 'standing-space': standing.away },
      });
    return readings;
  },
};

/** How far two places are apart: along the run where both stand in one. */
function apart(one: ItemBox, other: ItemBox, a: Point, b: Point): number {
  return dot(one.u, other.u) > 0.999 ? Math.abs(dot(subtract(b, a), one.u)) : distance(a, b);
}

/** The ends of a fixture's front in plan. */
function sides({ origin, u, n, record }: ItemBox, [left, right]: readonly [number, number]): Point[] {
  return [left, right].map((along) => place(origin, u, along, n, record.depth));
}

/** From the side of an item to the front line of what stands beside it at a right angle, mm. */
function standingRoom(
  box: ItemBox,
  near: readonly ItemBox[],
  edgesOf: (other: ItemBox) => ReturnType<typeof finishedEdges>,
) {
  const { width, depth } = box.record;
  let least: { other: ItemBox; away: number; place: Point[] } | null = null;
  for (const other of near) {
    if (other === box || other.low > HUNG || !other.kind.front || Math.abs(dot(other.n, box.n)) > 0.3)
      continue;
    for (const { from, to, front } of edgesOf(other)) {
      if (!front) continue;
      const at = [from, to].map((end) => {
        const away = subtract(end, box.origin);
        return { along: dot(away, box.u), out: dot(away, box.n) };
      });
      // What lies wholly behind its front is no neighbour to stand before.
      const outs = at.map(({ out }) => out);
      if (Math.max(...outs) <= depth || Math.min(...outs) > depth + FAR) continue;
      const along = at.map((one) => one.along);
      const isLeft = Math.max(...along) <= width / 2;
      const away = isLeft ? -Math.max(...along) : Math.min(...along) - width;
      const isNearer = (one: { other: ItemBox; away: number }) =>
        byMeasure({ by: one.away, id: one.other.id }, { by: away, id: other.id }) <= 0;
      if (away < -1 || away > FAR || (least && isNearer(least))) continue;
      const side = isLeft ? 0 : width;
      const end = isLeft ? -away : width + away;
      least = {
        ...{ other, away },
        place: [side, end].map((x) => place(box.origin, box.u, x, box.n, depth)),
      };
    }
  }
  return least;
}

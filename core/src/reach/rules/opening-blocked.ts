import { isMovable } from '../../ranges/item-kind';
import { named, noun } from '../../nouns';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { dot, subtract } from '../../geometry/point';
import type { OpeningRecord } from '../../document/records';
import type { ItemBox } from '../../setting/item-box';
import { floorBefore, type PlacedOpening } from '../../survey/openings';
import type { Rule } from '../rule';

/** How far a casing stands off the wall, mm. */
const CASING = 20;

/** No item stands in front of a door or window it reaches up to. */
export const openingBlocked: Rule = {
  id: 'opening-blocked',
  level: 'collision',
  parameters: { 'inch-residential': { depth: 101.6 }, 'metric-residential': { depth: 100 } },
  check({ openings, boxes: all }, { depth }) {
    // A chair before a window is moved away.
    const boxes = all.filter(({ kind }) => !isMovable(kind));
    return openings.flatMap((opening) => {
      const { record, name } = opening;
      const front = floorBefore(opening, 0, depth!);
      const casing = floorBefore(opening, record.casing, CASING);
      const blocking = boxes
        .filter(
          (box) => Math.min(box.high, record.sill + record.height) - Math.max(box.low, record.sill) > TOUCH,
        )
        .map((box) => ({ box, over: deepestOverlap(box.pieces, [front]) }))
        .filter(({ over }) => over > TOUCH)
        .map(({ box, over }) => ({
          verdict: 'blocked' as const,
          ids: [box.id, record.id],
          place: front,
          measured: over,
          required: 0,
          names: [named(box.record.code), noun(record.type, name)],
        }));
      const before = new Set(blocking.map(({ ids: [id] }) => id));
      const over = boxes
        .filter((box) => record.casing > 0 && meetsCasing(box, record) && !before.has(box.id))
        .map((box) => ({ box, by: deepestOverlap(box.pieces, [casing]) }))
        .filter(({ by }) => by > TOUCH)
        .map(({ box }) => ({
          verdict: 'blocked' as const,
          ids: [box.id, record.id],
          place: casing,
          measured: overCasing(box, opening),
          required: 0,
          names: [named(box.record.code), noun(`${record.type}-casing`, name)],
        }));
      return [...blocking, ...over];
    });
  },
};

function meetsCasing({ low, high }: ItemBox, { sill, height, casing }: OpeningRecord): boolean {
  const from = sill > 0 ? sill - casing : 0;
  return Math.min(high, sill + height + casing) - Math.max(low, from) > TOUCH;
}

/** How much of the casing an item covers, mm: of its width beside the opening, else of its height under or over it. */
function overCasing({ rectangle, low, high }: ItemBox, { record, at, u }: PlacedOpening): number {
  const { casing, width, sill, height } = record;
  const along = rectangle.map((corner) => dot(subtract(corner, at), u));
  const shared = (a: readonly [number, number], b: readonly [number, number]) =>
    Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
  const own = [Math.min(...along), Math.max(...along)] as const;
  const beside = Math.max(shared(own, [-casing, 0]), shared(own, [width, width + casing]));
  if (beside > 0) return beside;
  const head = sill + height;
  return Math.max(shared([low, high], [sill - casing, sill]), shared([low, high], [head, head + casing]));
}

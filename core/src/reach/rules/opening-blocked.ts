import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { dot, place, subtract } from '../../geometry/point';
import type { OpeningRecord } from '../../document/records';
import type { ItemBox } from '../../setting/item-box';
import type { PlacedOpening } from '../../survey/openings';
import type { Rule } from '../rule';

/** How far a casing stands off the wall, mm. */
const CASING = 20;

const words = { door: 'door', cased: 'opening', window: 'window', hatch: 'hatch', niche: 'niche' } as const;

/** No item stands in front of a door or window it reaches up to. */
export const openingBlocked: Rule = {
  id: 'opening-blocked',
  name: 'Openings free',
  level: 'collision',
  source: { 'inch-residential': 'common practice', 'metric-residential': 'common practice' },
  parameters: { 'inch-residential': { depth: 101.6 }, 'metric-residential': { depth: 100 } },
  check({ openings, boxes: all }, { depth }) {
    // A chair before a window is moved away.
    const boxes = all.filter(({ kind }) => kind.group !== 'Furniture');
    return openings.flatMap((opening) => {
      const { record, name } = opening;
      const front = before(opening, 0, depth!);
      const casing = before(opening, record.casing, CASING);
      const over = boxes
        .filter((box) => record.casing > 0 && meetsCasing(box, record))
        .map((box) => ({ box, by: deepestOverlap(box.pieces, [casing]) }))
        .filter(({ box, by }) => by > TOUCH && deepestOverlap(box.pieces, [front]) <= TOUCH)
        .map(({ box }) => ({
          verdict: 'blocked' as const,
          ids: [box.id, record.id],
          place: casing,
          measured: overCasing(box, opening),
          required: 0,
          names: [box.record.code, `the casing of ${words[record.type]} ${name}`],
        }));
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
          names: [box.record.code, `${words[record.type]} ${name}`],
        }));
      return [...blocking, ...over];
    });
  },
  say: ({ measured, names }, show) =>
    measured === 0
      ? `${names[0]} stands before ${names[1]}.`
      : `${names[0]} stands ${show(measured)} in front of ${names[1]}.`,
};

/** The floor before an opening, so much wider at both jambs and so deep. */
function before({ record, at, u, n }: PlacedOpening, wider: number, depth: number) {
  const [left, right] = [-wider, record.width + wider];
  return [
    place(at, u, left, n, 0),
    place(at, u, right, n, 0),
    place(at, u, right, n, depth),
    place(at, u, left, n, depth),
  ];
}

function meetsCasing({ low, high }: ItemBox, { sill, height, casing }: OpeningRecord): boolean {
  const from = sill > 0 ? sill - casing : 0;
  return Math.min(high, sill + height + casing) - Math.max(low, from) > TOUCH;
}

/** How much of the casing's width an item covers, mm. */
function overCasing({ rectangle }: ItemBox, { record, at, u }: PlacedOpening): number {
  const along = rectangle.map((corner) => dot(subtract(corner, at), u));
  const [from, to] = [Math.min(...along), Math.max(...along)];
  const over = (left: number, right: number) => Math.min(to, right) - Math.max(from, left);
  return Math.max(over(-record.casing, 0), over(record.width, record.width + record.casing), 0);
}

import { overlapDepth } from '../../geometry/convex';
import { place } from '../../geometry/point';
import { TOUCH } from '../../geometry/tolerance';
import type { Rule } from '../rule';

const words = { door: 'door', cased: 'opening', window: 'window', hatch: 'hatch', niche: 'niche' } as const;

/** No item stands in front of a door or window it reaches up to. */
export const openingBlocked: Rule = {
  id: 'opening-blocked',
  name: 'Openings free',
  level: 'collision',
  source: { 'inch-residential': 'common practice', 'metric-residential': 'common practice' },
  parameters: { 'inch-residential': { depth: 101.6 }, 'metric-residential': { depth: 100 } },
  check({ openings, boxes }, { depth }) {
    return openings.flatMap(({ record, at, u, n, name }) => {
      const front = [
        at,
        place(at, u, record.width, n, 0),
        place(at, u, record.width, n, depth!),
        place(at, u, 0, n, depth!),
      ];
      return boxes
        .filter(
          (box) => Math.min(box.high, record.sill + record.height) - Math.max(box.low, record.sill) > TOUCH,
        )
        .map((box) => ({ box, over: overlapDepth(box.footprint, front) }))
        .filter(({ over }) => over > TOUCH)
        .map(({ box, over }) => ({
          verdict: 'blocked' as const,
          ids: [box.id, record.id],
          place: front,
          measured: over,
          required: 0,
          names: [box.record.code, `${words[record.type]} ${name}`],
        }));
    });
  },
  say: ({ measured, names }, show) => `${names[0]} stands ${show(measured)} in front of ${names[1]}.`,
};

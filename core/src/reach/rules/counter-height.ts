import type { Rule } from '../rule';

const source = 'standard height of the room';

/** The countertop stands at the height decided for the room; a range of another standard shows here first. */
export const counterHeight: Rule = {
  id: 'counter-height',
  name: 'Counter height',
  level: 'guideline',
  source: { 'inch-residential': source, 'metric-residential': source },
  parameters: { 'inch-residential': { off: 6.35 }, 'metric-residential': { off: 6 } },
  check({ tops, room, boxes }, { off }) {
    // A vanity has a height of its own.
    const vanities = new Set(boxes.filter(({ kind }) => kind.group === 'Vanity').map(({ id }) => id));
    return tops
      .filter(({ items }) => !items.every((id) => vanities.has(id)))
      .map(({ items, outline, surface }) => ({
        verdict: Math.abs(surface - room.counterHeight) > off! ? ('tight' as const) : ('clear' as const),
        ids: items,
        place: outline[0]!,
        measured: surface,
        required: room.counterHeight,
        names: [],
      }));
  },
  say: ({ measured, required, verdict }, show) =>
    verdict === 'clear'
      ? `Counter stands at ${show(measured)}.`
      : `Counter stands at ${show(measured)}, ${show(Math.abs(measured - required))} ${measured > required ? 'above' : 'below'} the room’s ${show(required)}.`,
};

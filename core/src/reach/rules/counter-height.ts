import { isOwnTop } from '../../ranges/item-kind';
import type { Rule } from '../rule';

/** The countertop stands at the height decided for the room; a range of another standard shows here first. */
export const counterHeight: Rule = {
  id: 'counter-height',
  level: 'guideline',
  parameters: { 'inch-residential': { off: 6.35 }, 'metric-residential': { off: 6 } },
  check({ tops, room, boxes }, { off }) {
    // A vanity has a height of its own, as has a top by itself.
    const others = boxes.filter(({ kind }) => kind.group === 'vanity' || isOwnTop(kind));
    const apart = new Set(others.map(({ id }) => id));
    return tops
      .filter(({ items }) => !items.every((id) => apart.has(id)))
      .map(({ items, outline, surface }) => ({
        verdict: Math.abs(surface - room.counterHeight) > off! ? ('tight' as const) : ('clear' as const),
        ids: items,
        place: outline[0]!,
        measured: surface,
        required: room.counterHeight,
        names: [],
      }));
  },
};

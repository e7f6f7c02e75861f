import type { ItemFacts } from '../document/kinds/item-facts';
import { patchOf } from '../document/patch';
import { factSorts, isFact } from '../ranges/item-facts';
import { otherSide } from '../ranges/handing';
import { ok, refuse } from '../result';
import { quantise } from '../units/units';
import type { FactKey } from '../wording/fact-names';
import { findFreeItems, guarded, type Command } from './command';

/** Notes what is known of items beside their sizes; null for what is not known any more. The side one takes hold of a door at says where it is hung. */
export const setFacts: Command<{
  ids: readonly string[];
  facts: { readonly [key in FactKey]?: ItemFacts[key] | null };
}> = {
  id: 'set-facts',
  run(design, { ids, facts }) {
    const boxes = findFreeItems(design, ids);
    if (!boxes.ok) return boxes;
    for (const [key, value] of Object.entries(facts) as [FactKey, unknown][])
      if (!Object.hasOwn(factSorts, key) || (value !== null && !isFact(key, value)))
        return refuse('fact-wrong', { fact: key });
    const written = boxes.value.map(({ record: { facts: before, ...rest } }) => {
      const after = Object.fromEntries(
        Object.entries({ ...before, ...facts })
          .filter(([, value]) => value !== null)
          .map(([key, value]) => [key, typeof value === 'number' ? quantise(value) : value]),
      ) as ItemFacts;
      if (Object.keys(after).length === 0) return rest;
      // Its door turns at the other side than the one it is taken hold of at.
      const { handle } = facts;
      const hand = handle === 'left' || handle === 'right' ? otherSide(handle) : rest.hand;
      return { ...rest, hand, facts: after };
    });
    const patch = patchOf(design, written);
    return patch.length === 0 ? ok([]) : guarded(design, patch);
  },
};

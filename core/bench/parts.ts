import { galleyWithBay } from '../src/demo/galley-with-bay';
import { must } from '../src/result';
import { execute } from '../src/commands/command';
import { setFacts } from '../src/commands/set-facts';
import { recordsOf, type Design } from '../src/document/design';
import { costOf } from '../src/shop/cost/cost';
import { shopListIds } from '../src/shop/lists/find-list';
import { listOf } from '../src/shop/lists/lists';
import { madeItems } from '../src/shop/parts/design-parts';
import { wideKitchen } from './wide-kitchen';

/** How long it takes until parts, every list and the cost of a room are there: afresh, and after one cabinet has another shelf; ms. */
const took = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;
const all = (design: Design): void => {
  for (const id of shopListIds) listOf(design, id);
  costOf(design);
};

for (const [name, design] of [
  ['kitchen with bay', galleyWithBay()],
  ['300 items', wideKitchen(300)],
] as const) {
  const fresh = Array.from({ length: 5 }, () => {
    const copy = structuredClone(design);
    return took(() => all(copy));
  });
  let now = structuredClone(design);
  all(now);
  const own = recordsOf(now, 'item').find(({ type }) => type.startsWith('base-do'))!;
  const parts: number[] = [];
  const after = Array.from({ length: 15 }, (_, run) => {
    now = must(execute(setFacts, now, { ids: [own.id], facts: { shelves: 1 + (run % 4) } })).design;
    parts.push(took(() => madeItems(now)));
    return took(() => all(now));
  });
  console.log(
    `${name}: afresh ${middle(fresh).toFixed(0)}, after an edit parts ${middle(parts).toFixed(1)}, with lists and cost ${middle(after).toFixed(1)} (ms)`,
  );
}

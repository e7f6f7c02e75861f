import type { Design } from '../src/document/design';
import { recordsOf } from '../src/document/design';
import { rulePackIds } from '../src/document/limits';
import { checkBy } from '../src/reach/check-reach';
import { readings } from '../src/reach/measure';
import { measures } from '../src/reach/measures';
import { rulePacks } from '../src/reach/packs';
import { tops } from '../src/surfaces/tops';
import { movedOn, wideKitchen } from './wide-kitchen';

/** How long every check of every pack takes, afresh and after one item has moved, and which measures take most of it; ms. */
const rules = Object.values(rulePacks).flatMap((pack) => pack.rules);
const took = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;
const asNew = (design: Design): Design => {
  const copy = structuredClone(design);
  // What a plan needs of a room is there before it is checked.
  tops(copy);
  return copy;
};

for (const count of [60, 300, 1_000]) {
  const design = wideKitchen(count);
  const runs = count > 500 ? 5 : 15;
  const full = Array.from({ length: runs }, () => {
    const fresh = asNew(design);
    return took(() => checkBy(fresh, rulePackIds));
  });
  let now = asNew(design);
  checkBy(now, rulePackIds);
  const islands = recordsOf(now, 'item').filter(({ placement }) => placement.on === 'floor');
  const moved = islands.at(-1) ?? recordsOf(now, 'item').at(-1)!;
  const per = new Map<string, number[]>();
  const after = Array.from({ length: runs }, (_, run) => {
    now = movedOn(now, moved, run + 1);
    const tops0 = took(() => tops(now));
    per.set('tops', [...(per.get('tops') ?? []), tops0]);
    const first = took(() => {
      for (const rule of rules) {
        const one = took(() => readings(measures[rule.measure] as never, now, rule.inputs));
        per.set(rule.id, [...(per.get(rule.id) ?? []), one]);
      }
    });
    return first + took(() => checkBy(now, rulePackIds));
  });
  const most = [...per].map(([id, values]) => [id, middle(values)] as const).sort((a, b) => b[1] - a[1]);
  console.log(
    `${count} items: afresh ${middle(full).toFixed(1)} ms, after a move ${middle(after).toFixed(1)} ms;`,
    most
      .slice(0, 8)
      .map(([id, ms]) => `${id} ${ms.toFixed(2)}`)
      .join(', '),
  );
}

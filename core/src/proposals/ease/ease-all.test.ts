import { describe, expect, it } from 'vitest';
import { allFound, asks, eased, worse } from '../../../testing/eased';
import { execute } from '../../commands/command';
import { ease } from '../../commands/ease';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import type { Design } from '../../document/design';
import { easeAll, type EasePlan } from './ease-all';

let count = 0;
const newId = () => `new-${++count}`;

describe('easing all', () => {
  it('clears all it says, breaks nothing, and needs each of its changes', () => {
    const design = orchardKitchen();
    const search = easeAll(design, newId);
    let next = search.next();
    let looked = 0;
    while (!next.done) {
      looked += 1;
      expect(next.value.looked).toBeLessThanOrEqual(next.value.open);
      next = search.next();
    }
    const plan: EasePlan = next.value;
    expect(looked).toBeGreaterThan(10);
    expect(plan.cured.length).toBeGreaterThan(8);
    const now = eased(design, plan.steps);
    const open = (one: Design) =>
      [...allFound(one).values()]
        .filter(asks)
        .map(({ key }) => key)
        .sort();
    expect(open(now)).toEqual([...plan.left].sort());
    expect([...plan.cured, ...plan.left].sort()).toEqual(open(design));
    expect(worse(design, now)).toEqual([]);
    for (const step of plan.steps) {
      const done = execute(ease, design, { steps: plan.steps.filter((one) => one !== step) });
      if (done.ok) expect(open(done.value.design).length).toBeGreaterThan(plan.left.length);
    }
  });
});

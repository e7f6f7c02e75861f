import { recordsOf, type Design } from '../src/document/design';
import { drawPlan } from '../src/drawing/plan';
import { drawSingleView } from '../src/drawing/elevation/single-view';
import { roomViews } from '../src/drawing/elevation/views';
import { movedOn, wideKitchen } from './wide-kitchen';

/** How long a plan with all its labels takes and one without any, afresh and after one item has moved, and the longest elevation; ms. */
const took = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};
const middle = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[values.length >> 1]!;
const WITHOUT = ['labels', 'numbers', 'dimensions'] as const;

for (const count of [60, 300, 1_000]) {
  const design = wideKitchen(count);
  const plan = (one: Design) => drawPlan(one, 50);
  const bare = (one: Design) => drawPlan(one, 50, { without: [...WITHOUT] });
  let now = structuredClone(design);
  plan(now);
  bare(now);
  const moved = recordsOf(now, 'item').at(-1)!;
  const times = Array.from({ length: 15 }, (_, run) => {
    now = movedOn(now, moved, run + 1);
    const without = took(() => bare(now));
    return { without, with: took(() => plan(now)) };
  });
  const views = roomViews(now).map((view) => took(() => drawSingleView(now, view, 20)));
  console.log(
    `${count} items: labels of a plan ${middle(times.map((one) => one.with)).toFixed(1)} ms after a move, the plan without them ${middle(times.map((one) => one.without)).toFixed(1)}; longest elevation ${Math.max(...views).toFixed(1)}`,
  );
}

import { ease, type EaseStep } from '../../commands/ease';
import { execute } from '../../commands/command';
import type { Design } from '../../document/design';
import type { Finding } from '../../reach/finding';
import { must } from '../../result';
import { quantise } from '../../units/units';
import { easesFor } from './eases';
import { judged, type Judged } from './judged';
import { Search, type Ease } from './search';

/** A list of changes that together ease as much as was found, and what that leaves. */
export interface EasePlan {
  steps: readonly EaseStep[];
  /** By how much all is moved, mm. */
  moved: number;
  /** The keys of the findings that are cured, and of those that are left. */
  cured: readonly string[];
  left: readonly string[];
}

/** How far the search has come: findings that were looked at of all that are open now, and the best so far. */
export interface EaseProgress {
  looked: number;
  open: number;
  best: EasePlan;
}

/** A code broken or things that collide weigh as much as so many guidelines. */
const GRAVE = 3;

/**
 * The changes that ease the most, found by taking, over and over, the ease that cures the most for the least moved, none of which breaks anything;
 * then leaving out what turns out not to be needed. Yields how far it is after each finding that is looked at, so that it can be stopped with the best so far.
 */
export function* easeAll(design: Design, newId: () => string): Generator<EaseProgress, EasePlan> {
  const start = judged(design);
  const taken: Ease[] = [];
  let now = start;
  /** What was found of each finding before the last change, and still holds. */
  const found = new Map<string, readonly Ease[]>();
  for (;;) {
    let best: Ease | null = null;
    for (const [index, finding] of now.open.entries()) {
      const eases = found.get(finding.key) ?? easesFor(now.design, finding.key, newId, now);
      found.set(finding.key, eases);
      for (const one of eases) if (!best || isBetter(now, one, best)) best = one;
      yield { looked: index + 1, open: now.open.length, best: planOf(start, now, taken) };
    }
    if (!best) break;
    taken.push(best);
    const moved = idsOf(best.steps);
    const before = now;
    now = judged(after(now.design, best.steps));
    for (const finding of before.open) {
      const own = found.get(finding.key)!;
      // What is about the same things is sought anew; elsewhere what eased it before is seen to do so still, and what nothing eased is left.
      const isNear = [finding.ids, ...own.map(({ steps }) => idsOf(steps))].some((ids) =>
        ids.some((id) => moved.includes(id)),
      );
      if (isNear) found.delete(finding.key);
      else
        found.set(
          finding.key,
          own.flatMap((one) => new Search(now, finding).ease(one)),
        );
    }
  }
  return planOf(start, ...withoutIdle(start, now, taken));
}

/** Whether an ease cures more, weighed by how grave it is; or as much, with less moved. */
function isBetter(now: Judged, one: Ease, other: Ease): boolean {
  const weight = ({ cures }: Ease) =>
    now.open.reduce((sum, { key, verdict }) => {
      if (!cures.includes(key)) return sum;
      return sum + (verdict === 'blocked' ? GRAVE : 1);
    }, 0);
  const more = weight(one) - weight(other);
  return more > 0 || (more === 0 && one.moved < other.moved);
}

const after = (design: Design, steps: readonly EaseStep[]): Design =>
  must(execute(ease, design, { steps })).design;

/** The things that steps change. */
const idsOf = (steps: readonly EaseStep[]): readonly string[] =>
  steps.flatMap((step) => {
    if ('ids' in step) return step.ids;
    if ('id' in step) return [step.id];
    if (step.do === 'corner') return step.at.map(({ item }) => item);
    return [step.do === 'opening' ? step.opening.id : step.service.id];
  });

/** The changes without those that the rest cures as much without. */
function withoutIdle(start: Judged, end: Judged, taken: readonly Ease[]): [Judged, readonly Ease[]] {
  let [kept, now] = [taken, end];
  for (const one of taken) {
    const rest = kept.filter((other) => other !== one);
    const done = execute(ease, start.design, { steps: rest.flatMap(({ steps }) => steps) });
    if (!done.ok) continue;
    const without = judged(done.value.design);
    if (without.open.some(({ key }) => !now.open.some((open) => open.key === key))) continue;
    [kept, now] = [rest, without];
  }
  return [now, kept];
}

function planOf(start: Judged, now: Judged, taken: readonly Ease[]): EasePlan {
  const keys = (findings: readonly Finding[]) => findings.map(({ key }) => key);
  const left = keys(now.open);
  return {
    steps: together(taken.flatMap(({ steps }) => steps)),
    moved: taken.reduce((sum, { moved }) => sum + moved, 0),
    cured: keys(start.open).filter((key) => !left.includes(key)),
    left,
  };
}

/** The same things moved twice are moved once by both. */
function together(steps: readonly EaseStep[]): readonly EaseStep[] {
  const found: EaseStep[] = [];
  for (const step of steps) {
    const index = found.findIndex(
      (one) => step.do === 'shift' && one.do === 'shift' && step.ids.join(' ') === one.ids.join(' '),
    );
    const last = found[index];
    if (step.do === 'shift' && last?.do === 'shift')
      found[index] = {
        ...last,
        by: { x: quantise(last.by.x + step.by.x), y: quantise(last.by.y + step.by.y) },
        ...((last.up ?? step.up) !== undefined && { up: quantise((last.up ?? 0) + (step.up ?? 0)) }),
      };
    else found.push(step);
  }
  return found;
}

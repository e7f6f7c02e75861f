import { execute } from '../../commands/command';
import { ease, type EaseStep } from '../../commands/ease';
import { roomOf, type Design } from '../../document/design';
import { rememberOne } from '../../document/remember';
import type { Finding } from '../../reach/finding';
import type { Change, Slide } from './changes';
import { askingBy, curedBy, rulesOf, type Judged } from './judged';

/** A small change that cures a finding and breaks nothing. */
export interface Ease extends Change {
  /** The keys of the findings that it cures, that which it was sought for among them. */
  cures: readonly string[];
}

/** Things are moved no farther than this to ease a finding, mm. */
const MOST_MOVED = 1_200;
/** So far from each other are the distances tried first, mm: what is cured only between two of them is not found. */
const COARSE = 24;
/** A way on which so many places that cure it break something else is given up. */
const MOST_BROKEN = 6;

/** What was tried on a design: many findings are looked to with the same moves. The keys of what some rules ask for then, null where it is refused; of what is cured, null where something is broken. */
const triedOn = rememberOne((_: Judged) => ({
  asking: new Map<string, ReadonlySet<string> | null>(),
  cured: new Map<string, readonly string[] | null>(),
}));

/** A design after some steps; null where they are refused, or change nothing. */
function afterSteps({ design }: Judged, steps: readonly EaseStep[]): Design | null {
  const done = execute(ease, design, { steps });
  return done.ok && done.value.patch.length > 0 ? done.value.design : null;
}

/** Looks for the changes that cure one finding and break nothing. */
export class Search {
  readonly #rules;
  readonly #step: number;

  constructor(
    private readonly before: Judged,
    private readonly finding: Finding,
  ) {
    this.#rules = rulesOf(before.design, [finding]);
    this.#step = roomOf(before.design).step;
  }

  /** Whether some steps cure the finding; they don't where they are refused. */
  #cures(steps: readonly EaseStep[]): boolean {
    const tried = triedOn(this.before).asking;
    const key = JSON.stringify([this.#rules.map(({ id }) => id), steps]);
    let asking = tried.get(key);
    if (asking === undefined) {
      const after = afterSteps(this.before, steps);
      tried.set(key, (asking = after && askingBy(after, this.#rules)));
    }
    return asking !== null && !asking.has(this.finding.key);
  }

  /** A change as an ease, where it is one. */
  ease({ steps, moved }: Change): Ease[] {
    if (!this.#cures(steps)) return [];
    const tried = triedOn(this.before).cured;
    const key = JSON.stringify(steps);
    let cured = tried.get(key);
    if (cured === undefined) {
      const after = afterSteps(this.before, steps);
      tried.set(key, (cured = (after && curedBy(this.before, after)?.map((one) => one.key)) ?? null));
    }
    return cured ? [{ steps, moved, cures: cured }] : [];
  }

  /** The least of a change that is an ease: tried from little to much, then between the last that is none and the first that is one. */
  least({ step, things }: Slide): Ease[] {
    const most = Math.floor(MOST_MOVED / this.#step);
    const stride = Math.max(1, Math.round(COARSE / this.#step));
    const at = (count: number): Change => ({
      steps: [step(count * this.#step)],
      moved: count * this.#step * things,
    });
    const cures = (count: number) => this.#cures(at(count).steps);
    let broken = 0;
    for (let count = stride; count <= most; count += stride) {
      if (!cures(count)) continue;
      // The least that cures it comes first; where that breaks something, any that breaks nothing.
      const first = this.#between(count - stride, count, cures);
      for (const one of first === count ? [count] : [first, count]) {
        const [found] = this.ease(at(one));
        if (!found) continue;
        if (one === first) return [found];
        const least = this.#between(first, one, (some) => this.ease(at(some)).length > 0);
        return this.ease(at(least));
      }
      if (++broken >= MOST_BROKEN) return [];
    }
    return [];
  }

  /** The least count for which something holds, between one for which it doesn't and one for which it does. */
  #between(not: number, does: number, holds: (count: number) => boolean): number {
    let [low, high] = [not, does];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (holds(middle)) high = middle;
      else low = middle;
    }
    return high;
  }
}

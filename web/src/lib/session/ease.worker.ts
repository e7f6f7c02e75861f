import {
  easeAll,
  easesFor,
  sayEase,
  styleOf,
  tellEase,
  type Design,
  type EasePlan,
  type EaseStep,
} from 'goodreach';
import { nanoid } from 'nanoid';

/** What the page asks: a design, and the finding that is to be cured; or all that can be. */
export interface EaseQuestion {
  design: Design;
  finding: string | null;
}

/** A way to ease: what is changed, in words too, and the keys of the findings it clears. */
export interface SaidEase {
  steps: readonly EaseStep[];
  text: string;
  cures: readonly string[];
}

/** What all can be eased by, each change in words, and how many findings are left. */
export interface SaidPlan {
  steps: readonly EaseStep[];
  texts: readonly string[];
  cured: number;
  left: number;
  /** Whether the search was ended before it had tried all. */
  isCut: boolean;
}

export type EaseAnswer =
  | { of: 'finding'; eases: readonly SaidEase[] }
  | { of: 'progress'; looked: number; open: number; best: SaidPlan }
  | { of: 'all'; plan: SaidPlan };

/** The search for all ends after so long with the best so far, ms. */
const MOST_TIME = 45_000;
/** So often it is told how far it is, ms. */
const TOLD = 200;

const newId = () => `service-${nanoid(8)}`;
const answer = (data: EaseAnswer) => postMessage(data);

onmessage = ({ data: { design, finding } }: MessageEvent<EaseQuestion>) => {
  const say = (steps: readonly EaseStep[]) => sayEase(tellEase(design, steps), styleOf(design));
  if (finding !== null) {
    const eases = easesFor(design, finding, newId);
    answer({ of: 'finding', eases: eases.map((one) => ({ ...one, text: say(one.steps) })) });
    return;
  }
  const said = ({ steps, cured, left }: EasePlan, isCut: boolean): SaidPlan => ({
    ...{ steps, cured: cured.length, left: left.length, isCut },
    texts: tellEase(design, steps).map((one) => sayEase([one], styleOf(design))),
  });
  const search = easeAll(design, newId);
  const end = performance.now() + MOST_TIME;
  let told = 0;
  for (let next = search.next(); ; next = search.next()) {
    if (next.done) return answer({ of: 'all', plan: said(next.value, false) });
    const { looked, open, best } = next.value;
    if (performance.now() > end) return answer({ of: 'all', plan: said(best, true) });
    if (performance.now() - told < TOLD) continue;
    told = performance.now();
    answer({ of: 'progress', looked, open, best: said(best, true) });
  }
};

import { isAsking, type EaseStep, type Finding, type FindingsKnown, type ReachReport } from 'goodreach';
import type { DesignSession } from './design-session.svelte';
import type { ScreenState } from './screen.svelte';

/** What the rules find of the room on screen: all of it, what is new since it was last looked through, and what of it the drawings show. */
export class RoomFindings {
  /** How they stood when they were last looked through; null until they are known. */
  #known: FindingsKnown | null = $state.raw(null);

  /** The changes that are shown as if they were made, to ease what is found. */
  trial: readonly EaseStep[] | null = $state.raw(null);

  constructor(
    private readonly session: DesignSession,
    private readonly screen: ScreenState,
  ) {}

  /** Null until what finds it has come. What is only tried leaves it as it is, so that it can be chosen from. */
  readonly report: ReachReport | null = $derived.by(() => {
    const { judge, settled, committed } = this.session;
    if (!judge) return null;
    const design = this.trial ? committed : settled;
    return (this.screen.doorsOpen ? judge.checkReachOpen : judge.checkReach)(design);
  });

  readonly news: readonly Finding[] = $derived.by(() => {
    const { judge, settled } = this.session;
    const known = this.#known;
    return judge && known ? judge.newOrWorse(judge.checkReach(settled).findings, known) : [];
  });
  readonly #newKeys = $derived(new Set(this.news.map(({ key }) => key)));

  /** What a drag under way makes worse, as far as it is known. */
  readonly changed: readonly Finding[] = $derived.by(() => {
    const { judge, settled, committed, document, previewing } = this.session;
    if (!judge || !previewing || settled !== document) return [];
    return judge.newOrWorse(
      judge.checkReach(settled).findings,
      judge.findingsKnown(judge.checkReach(committed).findings),
    );
  });

  /** What the drawings show: of a drag only what it changes, in the Reach step all that is not kept or accepted, else what is new; and what is asked for. */
  readonly shown: readonly Finding[] = $derived.by(() => {
    const { screen, session } = this;
    if (session.previewing) {
      // What is dragged into something is known at once, and found again once it rests.
      const hit = new Set(screen.collisions.map(({ key }) => key));
      return [...screen.collisions, ...this.changed.filter(({ key }) => !hit.has(key))];
    }
    const { finding: asked, step } = screen;
    const all = step === 'reach' ? (this.report?.findings.filter(isAsking) ?? []) : this.news;
    const own = this.report?.findings.find(({ key }) => key === asked);
    // The one that is asked for lies over the others.
    return own ? [...all.filter((one) => one !== own), own] : all;
  });

  isNew(key: string): boolean {
    return this.#newKeys.has(key);
  }

  /** From now on only what comes to be worse than this is new. */
  seen(): void {
    const { judge, committed } = this.session;
    if (judge) this.#known = judge.findingsKnown(judge.checkReach(committed).findings);
  }
}

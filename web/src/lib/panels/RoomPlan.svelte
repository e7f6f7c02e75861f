<script lang="ts">
  import { askServer } from '../outcome';

  /** A small plan of a room, drawn by the server once for each revision, and fetched when it comes in sight; with it its area is known. */
  interface Props {
    id: string;
    revision: number;
    /** With its chains of dimensions. */
    chains?: boolean;
    onarea: (area: string) => void;
  }
  let { id, revision, chains = false, onarea }: Props = $props();

  /** So long before it comes in sight it is fetched, pixels. */
  const AHEAD = 300;
  /** Where the server has no time it is asked again, ms, so often. */
  const AGAIN = 3_000;
  const MOST_TRIES = 20;

  let place: HTMLElement | undefined = $state();
  let plan = $state('');
  let isInSight = $state(false);

  $effect(() => {
    if (!place) return;
    const seen = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) isInSight = true;
      },
      { rootMargin: `${AHEAD}px` },
    );
    seen.observe(place);
    return () => seen.disconnect();
  });

  $effect(() => {
    if (!isInSight) return;
    const url = `/api/rooms/${id}/plan.json?revision=${revision}${chains ? '&chains=1' : ''}`;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const leaving = new AbortController();
    const fetchPlan = async (tries: number) => {
      // Who leaves while it comes has no use for it any more, whole or in part.
      const answer = await askServer(url, { signal: leaving.signal }).catch(() => null);
      const drawn = answer?.ok
        ? ((await answer.json().catch(() => null)) as { plan: string; area: string } | null)
        : null;
      if (leaving.signal.aborted) return;
      if (drawn) {
        plan = drawn.plan;
        onarea(drawn.area);
      } else if (tries < MOST_TRIES) timer = setTimeout(() => void fetchPlan(tries + 1), AGAIN);
    };
    void fetchPlan(1);
    return () => {
      leaving.abort();
      clearTimeout(timer);
    };
  });
</script>

<!-- eslint-disable-next-line svelte/no-at-html-tags -- drawn by core, every text escaped -->
<span class="plan drawing" bind:this={place} aria-hidden="true">{@html plan}</span>

<style>
  .plan {
    --ink-paper: var(--sheet);
    display: block;
    height: var(--plan-height, 11rem);
    margin-bottom: 0.6rem;
  }
  .plan :global(svg) {
    display: block;
    width: 100%;
    height: 100%;
  }
</style>

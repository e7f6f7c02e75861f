<script lang="ts">
  import { contactsAlone, contactsTogether, openParts, type Point } from 'goodreach';
  import { useWorkspace } from '$lib/tools/context';

  /** Doors and drawers as far open as they are asked for and can be; what has met something is drawn firmly. */
  let { scale }: { scale: number } = $props();
  const { session, screen } = useWorkspace();

  const leaves = $derived.by(() => {
    const { opened } = screen;
    if (!opened) return [];
    const design = session.settled;
    const contacts = opened.only ? contactsAlone(design) : contactsTogether(design);
    const stops = new Map(contacts.map(({ key, share }) => [key, share]));
    return openParts(design)
      .filter(({ id }) => opened.only === null || opened.only === id)
      .map((one) => {
        const stop = stops.get(one.key) ?? 1;
        return {
          key: one.key,
          hits: opened.share >= stop && stop < 1,
          at: one.at(Math.min(stop, opened.share)),
        };
      });
  });
  const points = (ring: readonly Point[]) => ring.map(({ x, y }) => `${x},${-y}`).join(' ');
</script>

{#each leaves as { key, hits, at } (key)}
  <polygon class:hits points={points(at)} stroke-width={(hits ? 0.5 : 0.3) * scale} />
{/each}

<style>
  polygon {
    fill: var(--paper);
    stroke: var(--tide);
    pointer-events: none;
  }
  .hits {
    fill: color-mix(in srgb, var(--blocked) 20%, var(--paper));
    stroke: var(--blocked);
  }
</style>
